-- One record: what an entry says in figures and names stands with the entry itself, whatever its kind,
-- and an entry that is corrected keeps what it said before.
alter table log_entry add column figures jsonb not null default '{}';
alter table log_entry add column names jsonb not null default '{}';
alter table log_entry add column actives jsonb not null default '{}';
alter table log_entry add column machine_id uuid references machine on delete set null;

-- An entry of the old shape in the new one, of rows and of what was taken away lately alike.
create function entry_in_one(e jsonb, seeding jsonb, spray jsonb) returns jsonb language sql immutable as $$
  select e || jsonb_build_object(
    'figures',
    jsonb_strip_nulls(jsonb_build_object(
      case e ->> 'kind'
        when 'plants' then 'plantsPerM2'
        when 'cropStand' then 'plantsPerM2'
        when 'height' then 'heightCm'
        when 'cover' then 'coverMgPerHa'
        when 'weeds' then 'weedsOf10'
        else 'none'
      end, case when e ->> 'kind' in ('plants', 'cropStand', 'height', 'cover', 'weeds') then e -> 'amount' end,
      'areaHa', seeding -> 'area_ha',
      'targetKgPerHa', seeding -> 'target_kg_per_ha',
      'seedKg', seeding -> 'seed_kg',
      'setting', seeding -> 'setting',
      'bearingDeg', seeding -> 'bearing_deg')),
    'names',
    jsonb_strip_nulls(jsonb_build_object(
      'species', e -> 'species', 'stage', e -> 'stage', 'residual', e -> 'residual')),
    'actives', coalesce(spray -> 'actives', '{}'::jsonb),
    'machine_id', seeding -> 'machine_id')
$$;

update log_entry l
   set figures = n.new -> 'figures',
       names = n.new -> 'names',
       actives = n.new -> 'actives',
       machine_id = (n.new ->> 'machine_id')::uuid
  from (select e.id, entry_in_one(to_jsonb(e), to_jsonb(s), to_jsonb(p)) as new
          from log_entry e
          left join seeding_record s on s.log_entry_id = e.id
          left join spray_record p on p.log_entry_id = e.id) n
 where n.id = l.id;

-- What a table holds in something that was taken away.
create function held_rows(held jsonb, of text) returns setof jsonb language sql immutable as $$
  select row from jsonb_array_elements(held) part, jsonb_array_elements(part -> 'rows') row
   where part ->> 'table' = of
$$;

update taken_away t
   set held = (
     select jsonb_agg(
              case when part ->> 'table' = 'log_entry' then
                jsonb_set(part, '{rows}', (
                  select coalesce(jsonb_agg(entry_in_one(
                           e,
                           (select s from held_rows(t.held, 'seeding_record') s
                             where s ->> 'log_entry_id' = e ->> 'id'),
                           (select p from held_rows(t.held, 'spray_record') p
                             where p ->> 'log_entry_id' = e ->> 'id'))), '[]')
                    from jsonb_array_elements(part -> 'rows') e))
              else part end
              order by n)
       from jsonb_array_elements(t.held) with ordinality as parts (part, n)
      where part ->> 'table' not in ('seeding_record', 'spray_record'))
 where exists (select 1 from held_rows(t.held, 'log_entry'));

drop function held_rows(jsonb, text);
drop function entry_in_one(jsonb, jsonb, jsonb);
drop table seeding_record;
drop table spray_record;
alter table log_entry drop column species, drop column stage, drop column amount, drop column residual;
create index log_entry_kind on log_entry (farm_id, kind);

create table log_revision (
  id uuid primary key,
  farm_id uuid not null references farm on delete cascade,
  log_entry_id uuid not null references log_entry on delete cascade,
  -- what it said until then
  done_on date not null,
  words text not null,
  figures jsonb not null,
  names jsonb not null,
  changed_at timestamptz not null,
  account_id uuid references account on delete set null
);
create index log_revision_entry on log_revision (log_entry_id, changed_at);
create trigger tell_change after insert or update or delete on log_revision
  for each row execute function tell_change();
