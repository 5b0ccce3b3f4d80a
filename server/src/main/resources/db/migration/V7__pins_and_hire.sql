-- What is settled about a job: a day, a machine, or not some machines. Also for jobs left out.
create table work_pin (
  id uuid primary key,
  farm_id uuid not null references farm on delete cascade,
  field_id uuid not null references field on delete cascade,
  kind text not null,
  day date,
  only_doer uuid,
  never_doers uuid[] not null default '{}',
  version bigint not null,
  unique (farm_id, field_id, kind)
);
insert into work_pin (id, farm_id, field_id, kind, day, only_doer, version)
  select gen_random_uuid(), farm_id, field_id, kind, start_on, machine_id, 0
  from work_item where pinned;

-- A job is done by a machine or by someone on foot, on a field of the farm or of a customer.
alter table work_item drop column pinned;
alter table work_item drop constraint work_item_kind_check;
alter table work_item add constraint work_item_kind_check
  check (kind in ('harvest', 'seed', 'end', 'second', 'plant') or kind like 'look:%');
alter table work_item drop constraint work_item_machine_id_fkey;
alter table work_item rename column machine_id to doer_id;
alter table work_item add column customer_id uuid references farm on delete cascade;
alter table work_item add column words text not null default '';
update work_keeping set before = coalesce(
  (select jsonb_agg(e - 'pinned' - 'machineId' - 'machine'
     || jsonb_build_object('doerId', e -> 'machineId', 'doer', e -> 'machine'))
   from jsonb_array_elements(before) e), '[]'::jsonb);
-- A proposal drawn up before speaks of machines only.
update work_run set result = null;

-- A machine that stands: broken, lent, at the dealer's.
alter table machine add column out_from date;
alter table machine add column out_until date;
alter table machine add column out_why text not null default '';
alter table machine add constraint machine_out_check
  check ((out_from is null) = (out_until is null) and (out_from is null or out_until >= out_from));

-- Farms that are worked for: who put them in, and so must still be let in there.
create table farm_hire (
  farm_id uuid not null references farm on delete cascade,
  customer_id uuid not null references farm on delete cascade,
  account_id uuid not null references account on delete cascade,
  primary key (farm_id, customer_id),
  check (farm_id <> customer_id)
);

-- What the kept plan was laid out under, to see what has changed since.
create table work_seen (
  farm_id uuid primary key references farm on delete cascade,
  seen jsonb not null
);
alter table work_run add column reasons jsonb not null default '[]';
