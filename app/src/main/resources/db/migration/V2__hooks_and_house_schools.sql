-- Hooks that the tier measured.
create table own_hook (
  id        uuid             primary key,
  name      varchar(80)      not null,
  size      integer          not null,
  shape     varchar(20)      not null,
  shank_mm  double precision not null,
  gap_mm    double precision not null,
  wire_mm   double precision not null,
  eye_mm    double precision not null,
  ten_mg    double precision
);

-- A house school: whose copy it is, and the rules that differ.
create table house_school (
  id       varchar(60) primary key,
  label    varchar(60) not null,
  copy_of  varchar(60) not null,
  rules    jsonb       not null
);
