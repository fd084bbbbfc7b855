-- One word for a way of dressing flies.
alter table pattern rename column school to style;
alter index pattern_by_school rename to pattern_by_style;
alter table house_school rename to house_style;
