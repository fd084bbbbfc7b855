-- Offcuts and prepared pieces are counted one by one, whatever their kind is kept in; and a piece has
-- a length as a feather has.
alter table drawer_item add column pieces boolean not null default false;
alter table drawer_item rename column feather_mm to length_mm;
