-- Nobody sees what is somebody else's, whatever asks for it: where several people share this database the application says
-- on each connection for whom it asks, and takes on a role that rows of others do not exist for. Alone it does neither: the
-- login of a private database passes every policy, and all rows are the local person's.

create function person_now() returns uuid language sql stable as $$
  select coalesce(nullif(current_setting('ripplerest.person', true), ''),
                  '00000000-0000-0000-0000-000000000001')::uuid
$$;

-- Two people may call a house style alike, and know the same material otherwise.
alter table house_style drop constraint house_school_pkey, add primary key (owner_id, id);
alter table own_material_value drop constraint own_material_value_pkey, add primary key (owner_id, material, property);

-- A later table with an owner is made its owner's by this too.
create procedure make_own(t regclass) language plpgsql as $$
begin
  execute format('alter table %s alter owner_id set default person_now()', t);
  execute format('alter table %s enable row level security, force row level security', t);
  execute format('create policy own on %s using (owner_id = person_now()) with check (owner_id = person_now())', t);
end $$;

do $$
declare t text;
begin
  for t in select table_name from information_schema.columns
      where table_schema = 'public' and column_name = 'owner_id' order by 1 loop
    call make_own(t::regclass);
  end loop;
  if not exists (select from pg_roles where rolname = 'ripplerest_shared') then
    create role ripplerest_shared nologin;
  end if;
end $$;

grant usage on schema public to ripplerest_shared;
grant select, insert, update, delete on all tables in schema public to ripplerest_shared;
grant usage, select on all sequences in schema public to ripplerest_shared;
alter default privileges in schema public grant select, insert, update, delete on tables to ripplerest_shared;
alter default privileges in schema public grant usage, select on sequences to ripplerest_shared;
