-- Prices of a farm with where they are from; what is not here is the shipped working value.
create table booked_price (
  id uuid primary key,
  farm_id uuid not null references farm on delete cascade,
  what text not null,
  usd double precision not null,
  year int not null,
  source text not null,
  version bigint not null,
  unique (farm_id, what)
);
create trigger tell_change after insert or update or delete on booked_price
  for each row execute function tell_change();

-- Prices that stood among the rules move into the book.
insert into booked_price (id, farm_id, what, usd, year, source, version)
select gen_random_uuid(), farm_id, 'nitrogen', (ending ->> 'nitrogenUsdPerKg')::double precision,
       extract(year from now())::int, 'from the rules before', 0
from farm_rules where ending ->> 'nitrogenUsdPerKg' is not null;
insert into booked_price (id, farm_id, what, usd, year, source, version)
select gen_random_uuid(), farm_id,
       case l ->> 'crop' when 'corn' then 'corn' when 'soybean' then 'soybean' else 'otherCrop' end,
       (l ->> 'usdPerMg')::double precision, extract(year from now())::int, 'from the rules before', 0
from farm_rules, jsonb_array_elements(ending -> 'latePlanting') l
where l ->> 'usdPerMg' is not null
on conflict do nothing;
update farm_rules
set ending = (ending - 'nitrogenUsdPerKg') || jsonb_build_object(
  'latePlanting',
  (select coalesce(jsonb_agg(l - 'usdPerMg'), '[]') from jsonb_array_elements(ending -> 'latePlanting') l));

-- Lines of a cover's account that the farm writes by itself.
create table account_line (
  id uuid primary key,
  farm_id uuid not null references farm on delete cascade,
  -- Not bound to the plan: one that is taken away and put back finds its lines again.
  plan_id uuid not null,
  part text not null,
  words text not null,
  planned_usd_per_ha double precision,
  came_usd_per_ha double precision,
  removed boolean not null default false,
  version bigint not null
);
create index account_line_farm on account_line (farm_id);
create index account_line_plan on account_line (plan_id);
create trigger tell_change after insert or update or delete on account_line
  for each row execute function tell_change();

-- Whose ground a field is; empty for the farm's own.
alter table field add column landlord text not null default '';
