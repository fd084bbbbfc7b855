-- What was asked of an eye, with its key; what was never answered goes after a while.
create table practice_exercise (
  id       uuid         primary key,
  owner_id uuid         not null default '00000000-0000-0000-0000-000000000001' references person,
  sitting  uuid         not null,
  person   varchar(80)  not null,
  counts   boolean      not null,
  skill    varchar(90)  not null,
  key      jsonb        not null,
  asked_at timestamptz  not null,
  said     jsonb
);
create index practice_exercise_by_sitting on practice_exercise (sitting, asked_at);
create index practice_exercise_unanswered on practice_exercise (asked_at) where said is null;

-- What came of it, a line a look; person is empty for the tier whose bench it is.
create table practice_trial (
  id       uuid             primary key,
  owner_id uuid             not null default '00000000-0000-0000-0000-000000000001' references person,
  person   varchar(80)      not null,
  skill    varchar(90)      not null,
  at       timestamptz      not null,
  level    double precision not null,
  choices  integer          not null,
  correct  boolean          not null,
  off      double precision not null
);
create index practice_trial_by_time on practice_trial (person, at, id);
