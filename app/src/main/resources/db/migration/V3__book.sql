-- What the book is searched by. Words, posture and the rest are filled in by the application, for
-- patterns that were stored before this too.
alter table pattern
  add natural_insect varchar(80) not null default '',
  add hook_shape     varchar(20) not null default '',
  add materials      text[]      not null default '{}',
  add words          text        not null default '',
  add posture        varchar(20),
  add archived_at    timestamptz,
  add search         tsvector    generated always as (to_tsvector('simple', words)) stored;

create index pattern_by_words on pattern using gin (search);
create index pattern_by_materials on pattern using gin (materials);
create index pattern_by_school on pattern (school) where deleted_at is null;
create index pattern_by_hook on pattern (hook_size) where deleted_at is null;
create index pattern_by_natural on pattern (lower(natural_insect)) where deleted_at is null;
create index pattern_by_posture on pattern (posture) where deleted_at is null;
create index pattern_without_posture on pattern (updated_at) where posture is null and deleted_at is null;
create index pattern_by_change on pattern (updated_at) where deleted_at is null;

-- Values of materials that the tier brought along: they win over the table that ships.
create table own_material_value (
  material varchar(60)  not null,
  label    varchar(80)  not null,
  property varchar(30)  not null,
  value    double precision not null,
  spread   double precision not null,
  kind     varchar(20)  not null,
  source   varchar(300) not null,
  place    integer      not null,
  primary key (material, property)
);
