-- Patterns that a tier wants to find first.
alter table pattern add favourite boolean not null default false;
