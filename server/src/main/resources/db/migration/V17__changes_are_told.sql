-- Whoever has a page of a farm open is told when somebody changes the farm. A notice is sent once a
-- transaction, when it commits, and takes no lock.
create function tell_change() returns trigger language plpgsql as $$
begin
  perform pg_notify('farm_changed', coalesce(new.farm_id, old.farm_id)::text);
  return null;
end $$;

create function tell_farm_change() returns trigger language plpgsql as $$
begin
  perform pg_notify('farm_changed', new.id::text);
  return null;
end $$;

create trigger tell_change after update on farm for each row execute function tell_farm_change();

do $$
declare
  t text;
begin
  for t in
    select c.table_name from information_schema.columns c
      join information_schema.tables b using (table_schema, table_name)
     where c.table_schema = current_schema() and c.column_name = 'farm_id'
       and b.table_type = 'BASE TABLE'
       -- A laying-out tells its progress itself; the others are no part of what a page shows.
       and c.table_name not in ('work_run', 'plan_change', 'taken_away', 'work_seen')
  loop
    execute format(
      'create trigger tell_change after insert or update or delete on %I'
      ' for each row execute function tell_change()', t);
  end loop;
end $$;
