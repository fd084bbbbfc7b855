-- People before one database: who may come in, what they do together, and what several copies of the application share.
-- All of it stays empty where one is alone.

-- The club is a person too, without an account: what is its own, its members see and change.
insert into person values ('00000000-0000-0000-0000-000000000002', 'the club', now());

-- Who acts, for whomever it is.
create function actor_now() returns uuid language sql stable as $$
  select coalesce(nullif(current_setting('ripplerest.actor', true), '')::uuid, person_now())
$$;

create table account (
  person_id uuid         primary key references person on delete cascade,
  name      varchar(40)  not null,
  role      varchar(10)  not null check (role in ('WARDEN', 'TIER', 'GUEST')),
  password  varchar(200) not null,
  made_at   timestamptz  not null,
  closed_at timestamptz
);
create unique index account_by_name on account (lower(name));

-- Links are known by the hash of what is in them.
create table invitation (
  id      uuid        primary key,
  -- whose it is who is here already and chooses a new password by it
  person_id uuid      references person on delete cascade,
  token   varchar(64) not null unique,
  role    varchar(10) not null,
  note    varchar(80) not null,
  made_by uuid        references person on delete cascade,
  made_at timestamptz not null,
  until   timestamptz not null,
  used_at timestamptz
);

-- A tablet at the vise: the code that was shown is good once and for a short while, what came of it until it is revoked.
create table pairing (
  id         uuid        primary key,
  whose_id   uuid        not null references person on delete cascade,
  actor_id   uuid        not null references person on delete cascade,
  pattern_id uuid        not null references pattern on delete cascade,
  token      varchar(64) not null unique,
  made_at    timestamptz not null,
  until      timestamptz not null,
  paired_at  timestamptz
);

-- Names that somebody tried to sign in by, whether there is such a one or not.
create table sign_in_failure (
  name     varchar(64) primary key,
  failures integer     not null,
  free_at  timestamptz not null,
  last_at  timestamptz not null
);

-- Tokens left, by what is limited.
create table bucket (
  id    bigint primary key,
  state bytea
);

-- A pattern that whoever has the link may read and copy.
create table pattern_link (
  id         uuid        primary key,
  whose_id   uuid        not null references person on delete cascade,
  pattern_id uuid        not null references pattern on delete cascade,
  token      varchar(64) not null unique,
  made_at    timestamptz not null,
  copies     integer     not null default 0
);

-- What people say of a pattern; somebody who left has no name.
create table pattern_comment (
  id         uuid          primary key,
  owner_id   uuid          not null references person on delete cascade,
  pattern_id uuid          not null references pattern on delete cascade,
  person_id  uuid          default actor_now() references person on delete set null,
  words      varchar(2000) not null,
  made_at    timestamptz   not null
);
create index pattern_comment_by_pattern on pattern_comment (pattern_id, made_at);
call make_own('pattern_comment');

-- Who changed what in the club's book, kept by the database so that no way of changing passes it by. Changes that one
-- makes of one pattern within ten minutes are one, from what it was before the first.
create table club_change (
  id         bigint       generated always as identity primary key,
  owner_id   uuid         not null references person on delete cascade,
  pattern_id uuid         not null references pattern on delete cascade,
  person_id  uuid         references person on delete set null,
  what       varchar(10)  not null,
  name       varchar(200) not null,
  before     jsonb,
  after      jsonb        not null,
  at         timestamptz  not null
);
create index club_change_by_time on club_change (at, id);
create index club_change_by_pattern on club_change (pattern_id, id);
call make_own('club_change');

-- And who moved flies; of moves before this nobody knows, and somebody who left has no name.
alter table fly_move add by_id uuid references person on delete set null;

create function tell_change() returns trigger language plpgsql as $$
declare
  did text;
  last club_change;
begin
  if new.owner_id <> '00000000-0000-0000-0000-000000000002' then return null; end if;
  did := case when tg_op = 'INSERT' or old.owner_id <> new.owner_id then 'ADDED'
              when new.deleted_at is not null and old.deleted_at is null then 'DELETED'
              when new.deleted_at is null and old.deleted_at is not null then 'RESTORED'
              when new.document is distinct from old.document then 'CHANGED' end;
  if did is null then return null; end if;
  select * into last from club_change where pattern_id = new.id order by id desc limit 1;
  if did = 'CHANGED' and last.what in ('CHANGED', 'ADDED') and last.person_id = actor_now()
      and last.at > now() - interval '10 minutes' then
    update club_change set after = new.document, name = new.name, at = now() where id = last.id;
  else
    insert into club_change (owner_id, pattern_id, person_id, what, name, before, after, at)
    values (new.owner_id, new.id, actor_now(), did, new.name,
            case when tg_op = 'UPDATE' then old.document end, new.document, now());
  end if;
  return null;
end $$;
create trigger tell_change after insert or update on pattern for each row execute function tell_change();

-- Whoever leaves hands on what others use; only this moves a row from one person to another.
create procedure hand_to_club(patterns uuid[]) language plpgsql security definer set search_path = public as $$
declare
  club uuid := '00000000-0000-0000-0000-000000000002';
  t text;
begin
  update pattern set owner_id = club where id = any(patterns) and owner_id = person_now();
  update pattern_link set whose_id = club where pattern_id in (select id from pattern where id = any(patterns) and owner_id = club);
  foreach t in array array['pattern_step', 'pattern_comment'] loop
    execute format('update %I set owner_id = $1 where pattern_id in (select id from pattern where id = any($2) and owner_id = $1)', t)
      using club, patterns;
  end loop;
end $$;

-- Everything that is somebody's is deleted, and then whose it was; what refers to something else of theirs goes first.
create procedure leave() language plpgsql security definer set search_path = public as $$
declare
  who uuid := person_now();
  t text;
  left_over boolean;
begin
  if who = '00000000-0000-0000-0000-000000000002' then raise exception 'the club does not leave'; end if;
  for pass in 1..10 loop
    left_over := false;
    for t in select table_name from information_schema.columns
        where table_schema = 'public' and column_name = 'owner_id' loop
      begin
        execute format('delete from %I where owner_id = $1', t) using who;
      exception when foreign_key_violation then
        left_over := true;
      end;
    end loop;
    exit when not left_over;
  end loop;
  if left_over then raise exception 'not all could be deleted'; end if;
  delete from account where person_id = who;
  if who = '00000000-0000-0000-0000-000000000001' then
    update pattern_comment set person_id = null where person_id = who;
    update club_change set person_id = null where person_id = who;
    update fly_move set by_id = null where by_id = who;
    delete from pairing where actor_id = who;
    delete from invitation where made_by = who;
    update person set name = 'local' where id = who;
  else
    delete from person where id = who;
  end if;
end $$;

-- What is remembered of a person's materials and styles holds until this changes.
create table remembered (
  owner_id uuid   primary key references person on delete cascade,
  version  bigint not null
);
call make_own('remembered');

-- Sessions, as spring-session-jdbc 4.1 wants them.
create table spring_session (
  primary_id            char(36) not null primary key,
  session_id            char(36) not null,
  creation_time         bigint   not null,
  last_access_time      bigint   not null,
  max_inactive_interval int      not null,
  expiry_time           bigint   not null,
  principal_name        varchar(100)
);
create unique index spring_session_ix1 on spring_session (session_id);
create index spring_session_ix2 on spring_session (expiry_time);
create index spring_session_ix3 on spring_session (principal_name);
create table spring_session_attributes (
  session_primary_id char(36)     not null references spring_session (primary_id) on delete cascade,
  attribute_name     varchar(200) not null,
  attribute_bytes    bytea        not null,
  primary key (session_primary_id, attribute_name)
);

-- Planning that is under way: how far it is is told by whichever copy is asked.
create table plan_job (
  owner_id uuid        primary key references person on delete cascade,
  done     integer     not null,
  of       integer     not null,
  given_up boolean     not null,
  problem  text        not null,
  over_at  timestamptz
);
call make_own('plan_job');

-- Work that is done by itself, by one of those that run, as db-scheduler 16 wants it.
create table scheduled_tasks (
  task_name            text        not null,
  task_instance        text        not null,
  task_data            bytea,
  execution_time       timestamptz not null,
  picked               boolean     not null,
  picked_by            text,
  last_success         timestamptz,
  last_failure         timestamptz,
  consecutive_failures int,
  last_heartbeat       timestamptz,
  version              bigint      not null,
  priority             smallint,
  primary key (task_name, task_instance)
);
create index scheduled_tasks_by_time on scheduled_tasks (execution_time);
create index scheduled_tasks_by_heartbeat on scheduled_tasks (last_heartbeat);
