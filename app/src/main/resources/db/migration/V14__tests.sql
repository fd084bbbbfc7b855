-- Tied flies in a glass of water. The entry is the whole test as the tests' file has it.
create table tank_test (
  id         uuid        primary key,
  owner_id   uuid        not null default '00000000-0000-0000-0000-000000000001' references person,
  fly_id     uuid        not null references logged_fly on delete cascade,
  made_at    timestamptz not null,
  entry      jsonb       not null,
  deleted_at timestamptz,
  revision   bigint      not null
);
create index tank_test_by_time on tank_test (made_at) where deleted_at is null;
create index tank_test_by_fly on tank_test (fly_id);

-- A picture through the wall of the glass, as it was taken.
create table tank_picture (
  test_id  uuid        primary key references tank_test on delete cascade,
  owner_id uuid        not null default '00000000-0000-0000-0000-000000000001' references person,
  type     varchar(20) not null,
  bytes    bytea       not null
);

-- What was learnt last: draws of what the materials are off by, each as likely as the others.
create table learnt (
  owner_id   uuid             primary key default '00000000-0000-0000-0000-000000000001' references person,
  id         varchar(80)      not null,
  tests      integer          not null,
  draws      jsonb            not null,
  told       jsonb            not null,
  in_use     boolean          not null,
  learnt_at  timestamptz      not null
);
