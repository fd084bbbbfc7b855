-- Tied flies. The entry is the whole fly as the log's file has it; beside it what is listed by.
create table logged_fly (
  id         uuid         primary key,
  pattern_id uuid         references pattern on delete set null,
  name       varchar(80)  not null,
  hook_size  integer      not null,
  tied_at    timestamptz  not null,
  entry      jsonb        not null,
  revision   bigint       not null
);
create index logged_fly_by_time on logged_fly (tied_at);

-- A picture as it was taken.
create table fly_picture (
  fly_id uuid        primary key references logged_fly on delete cascade,
  type   varchar(20) not null,
  bytes  bytea       not null
);

-- Where the tier is in a fly that is being tied: what survives a power cut.
create table tying (
  pattern_id uuid        primary key references pattern on delete cascade,
  step       integer     not null,
  seconds    jsonb       not null,
  changed_at timestamptz not null
);

-- How long each step took, as a ratio to what was assumed for it.
create table step_time (
  id       uuid             primary key,
  kind     varchar(40)      not null,
  ratio    double precision not null,
  timed_at timestamptz      not null
);
create index step_time_by_kind on step_time (kind, timed_at);
