-- A pattern is kept as its open-format document; what lists and searches need stands beside it.
create table pattern (
  id          uuid        primary key,
  name        varchar(80) not null,
  school      varchar(60) not null,
  hook_size   integer     not null,
  document    jsonb       not null,
  revision    bigint      not null,
  created_at  timestamptz not null,
  updated_at  timestamptz not null,
  deleted_at  timestamptz
);

create index pattern_by_name on pattern (lower(name)) where deleted_at is null;

-- Remembers that the demo patterns were once loaded, so that deleting them all is respected.
create table demo_load (
  loaded_at timestamptz not null
);
