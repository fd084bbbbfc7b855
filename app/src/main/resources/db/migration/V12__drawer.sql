-- What lies in the drawer, and what each logged fly took out of it. Amounts are in the unit in which
-- the kind is kept; none is ever below nought.
create table drawer_item (
  id          uuid             primary key,
  owner_id    uuid             not null default '00000000-0000-0000-0000-000000000001' references person,
  label       varchar(80)      not null,
  kind        varchar(60)      not null,
  colour      varchar(40)      not null,
  marking     varchar(20)      not null,
  second      varchar(40)      not null,
  ink         integer,
  place       varchar(80)      not null,
  amount      double precision not null check (amount >= 0),
  low         double precision not null check (low >= 0),
  use_by      date,
  barbs       double precision[] not null,
  feather_mm  double precision,
  hook_size   integer,
  note        varchar(400)     not null,
  created_at  timestamptz      not null,
  deleted_at  timestamptz,
  revision    bigint           not null
);
create index drawer_item_by_label on drawer_item (label) where deleted_at is null;

-- A line a need: no item where nothing fitted. Given back when the fly is deleted, taken again when
-- that is undone.
create table drawer_use (
  id         uuid             primary key,
  owner_id   uuid             not null default '00000000-0000-0000-0000-000000000001' references person,
  fly_id     uuid             not null references logged_fly on delete cascade,
  item_id    uuid             references drawer_item on delete set null,
  part       varchar(60)      not null,
  material   varchar(60)      not null,
  place      integer          not null,
  amount     double precision not null check (amount >= 0),
  lacking    double precision not null check (lacking >= 0),
  given_back boolean          not null default false
);
create index drawer_use_by_fly on drawer_use (fly_id);
