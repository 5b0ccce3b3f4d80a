-- Work of a farm that no cover asks for: hay, silage, manure, tillage.
create table own_job (
  id uuid primary key,
  farm_id uuid not null references farm on delete cascade,
  field_id uuid not null references field on delete cascade,
  work text not null,
  words text not null,
  from_on date not null,
  to_on date not null check (to_on >= from_on),
  -- A machine of the shed or someone of the crew: whoever is gone leaves it to others.
  with_id uuid,
  hours double precision check (hours > 0),
  worth_usd double precision check (worth_usd >= 0),
  done_on date,
  removed boolean not null default false,
  version bigint not null
);
create index own_job_farm on own_job (farm_id);
create index own_job_field on own_job (field_id);
create trigger tell_change after insert or update or delete on own_job
  for each row execute function tell_change();

-- Part-timers work other hours on other days: hours by day of the week, Monday first.
alter table crew_member add column week_hours double precision[];
update crew_member set week_hours = array_fill(hours_per_day, array[6])
  || (case when works_sundays then hours_per_day else 0 end);
alter table crew_member alter column week_hours set not null;
alter table crew_member add constraint crew_member_week check (cardinality(week_hours) = 7);
alter table crew_member drop column hours_per_day, drop column works_sundays;

alter table work_item drop constraint work_item_kind_check;
alter table work_item add constraint work_item_kind_check
  check (kind in ('harvest', 'seed', 'end', 'second', 'plant') or kind like 'look:%'
    or kind ~ '^(seed|end|second|own):[0-9a-f-]{36}$');
