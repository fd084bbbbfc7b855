-- Whose things these are. One local person today; a row each once there are accounts.
create table person (
  id         uuid        primary key,
  name       varchar(80) not null,
  created_at timestamptz not null
);
insert into person values ('00000000-0000-0000-0000-000000000001', 'local', now());

alter table pattern add owner_id uuid not null default '00000000-0000-0000-0000-000000000001' references person;
alter table pattern_step add owner_id uuid not null default '00000000-0000-0000-0000-000000000001' references person;
alter table own_hook add owner_id uuid not null default '00000000-0000-0000-0000-000000000001' references person;
alter table house_school add owner_id uuid not null default '00000000-0000-0000-0000-000000000001' references person;
alter table own_material_value add owner_id uuid not null default '00000000-0000-0000-0000-000000000001' references person;
alter table logged_fly add owner_id uuid not null default '00000000-0000-0000-0000-000000000001' references person;
alter table fly_picture add owner_id uuid not null default '00000000-0000-0000-0000-000000000001' references person;
alter table tying add owner_id uuid not null default '00000000-0000-0000-0000-000000000001' references person;
alter table step_time add owner_id uuid not null default '00000000-0000-0000-0000-000000000001' references person;

-- Everything is deleted softly: kept ninety days, and never purged while something refers to it.
alter table own_hook add deleted_at timestamptz;
alter table house_school add deleted_at timestamptz;
alter table own_material_value add deleted_at timestamptz;
alter table logged_fly add deleted_at timestamptz;

-- A fly on the vise names the revision it was changed from; numbers never come twice, so that what
-- was left unsent when a fly was finished is never taken for the next one.
create sequence tying_revision;
alter table tying add revision bigint not null default nextval('tying_revision');

-- A pattern that cannot be put on the water is given up after a few tries.
alter table pattern add posture_tries integer not null default 0;

-- What a change was answered with, so that one sent twice happens once. Kept a day.
create table answered_change (
  key         varchar(80) not null,
  owner_id    uuid        not null default '00000000-0000-0000-0000-000000000001' references person,
  request     varchar(64) not null,
  status      integer,
  headers     jsonb,
  body        bytea,
  answered_at timestamptz not null,
  primary key (owner_id, key)
);
create index answered_change_by_time on answered_change (answered_at);
