-- Boxes that flies are kept in.
create table fly_box (
  id         uuid         primary key,
  owner_id   uuid         not null default '00000000-0000-0000-0000-000000000001' references person,
  name       varchar(80)  not null,
  note       varchar(400) not null,
  made_at    timestamptz  not null,
  deleted_at timestamptz,
  revision   bigint       not null
);

-- Flies that went from one place to another. Where they are is the sum of these.
create table fly_move (
  id         uuid        primary key,
  owner_id   uuid        not null default '00000000-0000-0000-0000-000000000001' references person,
  pattern    varchar(60) not null,
  name       varchar(80) not null,
  size       integer     not null,
  colouring  varchar(60) not null,
  from_kind  varchar(10) not null,
  from_name  varchar(80) not null,
  to_kind    varchar(10) not null,
  to_name    varchar(80) not null,
  count      integer     not null,
  day        date        not null,
  outing_id  uuid,
  fly_id     uuid        references logged_fly on delete cascade,
  note       varchar(400) not null,
  at         timestamptz not null
);
create index fly_move_by_time on fly_move (at, id);
create index fly_move_by_fly on fly_move (fly_id);

-- Days on the water: the entry is the whole outing, and what came of it.
create table outing (
  id         uuid        primary key,
  owner_id   uuid        not null default '00000000-0000-0000-0000-000000000001' references person,
  name       varchar(80) not null,
  day        date        not null,
  entry      jsonb       not null,
  deleted_at timestamptz,
  revision   bigint      not null
);
create index outing_by_day on outing (day) where deleted_at is null;

-- Evenings at the vise: one plan a person.
create table evening_plan (
  owner_id uuid   primary key default '00000000-0000-0000-0000-000000000001' references person,
  entry    jsonb  not null,
  revision bigint not null
);
