-- Groups of animals that are to graze a cover.
create table grazing_group (
  id uuid primary key,
  farm_id uuid not null references farm on delete cascade,
  -- Not bound to the plan: one that is taken away and put back finds its groups again.
  plan_id uuid not null,
  name text not null,
  head int not null,
  head_kg double precision not null,
  in_on date not null,
  out_on date not null,
  removed boolean not null default false,
  version bigint not null
);
create index grazing_group_farm on grazing_group (farm_id);
create index grazing_group_plan on grazing_group (plan_id);
create trigger tell_change after insert or update or delete on grazing_group
  for each row execute function tell_change();
