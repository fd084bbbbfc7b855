-- Every version of a pattern, so that changes can be undone and redone after a reload too. Step 0 is
-- the pattern as it was first kept; a step's name says what led to it.
create table pattern_step (
  pattern_id uuid         not null references pattern on delete cascade,
  number     integer      not null,
  name       varchar(200) not null,
  document   jsonb        not null,
  made_at    timestamptz  not null,
  primary key (pattern_id, number)
);

alter table pattern add step integer not null default 0;
