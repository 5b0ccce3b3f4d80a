-- What seeds: machines with what they carry and how they move.
create table machine (
  id uuid primary key,
  farm_id uuid not null references farm on delete cascade,
  name text not null check (name <> ''),
  kind text not null,
  -- ways of seeding it can be used for
  methods text[] not null,
  width_m double precision not null check (width_m > 0),
  speed_kmh double precision not null check (speed_kmh > 0),
  efficiency double precision not null check (efficiency > 0 and efficiency <= 1),
  openers int check (openers > 0),
  spacing_m double precision check (spacing_m > 0),
  hopper_m3 double precision not null check (hopper_m3 > 0),
  payload_kg double precision check (payload_kg > 0),
  turn_s double precision not null default 0 check (turn_s >= 0),
  refill_s double precision not null default 0 check (refill_s >= 0),
  ferry_kmh double precision check (ferry_kmh > 0),
  battery_min double precision check (battery_min > 0),
  meter text not null default '',
  usd_per_hour double precision check (usd_per_hour >= 0),
  usd_per_ha double precision check (usd_per_ha >= 0),
  hired boolean not null default false,
  notes text not null default '',
  version bigint not null
);
create unique index machine_name on machine (farm_id, lower(name));

-- Seed in bags: what was bought, how good it is, what is left of it.
create table seed_lot (
  id uuid primary key,
  farm_id uuid not null references farm on delete cascade,
  species text not null,
  variety text not null default '',
  lot_no text not null default '',
  supplier text not null default '',
  germination double precision check (germination > 0 and germination <= 1),
  purity double precision check (purity > 0 and purity <= 1),
  tested_on date,
  treated boolean not null default false,
  organic boolean not null default false,
  usd_per_kg numeric(10, 4) not null check (usd_per_kg >= 0),
  bought_kg numeric(12, 3) not null check (bought_kg >= 0),
  certificate_name text,
  certificate bytea,
  version bigint not null
);

-- Seed that left a lot for a field; what is left is never stored.
create table seed_use (
  id uuid primary key,
  farm_id uuid not null references farm on delete cascade,
  lot_id uuid not null references seed_lot on delete cascade,
  field_id uuid not null references field on delete cascade,
  log_entry_id uuid references log_entry on delete cascade,
  kg numeric(12, 3) not null check (kg > 0),
  used_on date not null
);
create index seed_use_lot on seed_use (lot_id);

-- What was found when a machine was set; offered again at the next job.
create table calibration (
  id uuid primary key,
  farm_id uuid not null references farm on delete cascade,
  machine_id uuid not null references machine on delete cascade,
  lot_id uuid references seed_lot on delete set null,
  species text not null default '',
  gear text not null default '',
  bench text not null,
  setting double precision,
  rate_kg_per_ha double precision check (rate_kg_per_ha >= 0),
  chart_kg_per_ha double precision check (chart_kg_per_ha > 0),
  words text not null default '',
  done_on date not null,
  created_at timestamptz not null,
  version bigint not null
);
create index calibration_machine on calibration (machine_id, created_at desc);

-- A seeding as it was done, beside its log entry.
create table seeding_record (
  log_entry_id uuid primary key references log_entry on delete cascade,
  farm_id uuid not null references farm on delete cascade,
  field_id uuid not null references field on delete cascade,
  machine_id uuid references machine on delete set null,
  area_ha numeric(12, 4) not null check (area_ha > 0),
  target_kg_per_ha numeric(12, 4) not null check (target_kg_per_ha > 0),
  seed_kg numeric(12, 3) not null check (seed_kg > 0),
  setting double precision,
  version bigint not null
);

-- A mix the farm uses again.
create table farm_mix (
  id uuid primary key,
  farm_id uuid not null references farm on delete cascade,
  name text not null check (name <> ''),
  components jsonb not null,
  version bigint not null
);
create unique index farm_mix_name on farm_mix (farm_id, lower(name));

-- What group of residual herbicide was sprayed: it may outlast the cash crop.
alter table log_entry add column residual text;
