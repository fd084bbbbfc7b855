-- Answers that took long, by what they depend on; the least recently used go first.
create table kept_answer (
  key text primary key,
  answer bytea not null,
  bytes integer not null,
  used_at timestamptz not null
);
-- packed already
alter table kept_answer alter column answer set storage external;
create index kept_answer_by_use on kept_answer (used_at);
