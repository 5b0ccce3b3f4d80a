-- Machines that do more than seed: planter, roller, sprayer, mower, disk, combine.
alter table machine add column work text[] not null default '{seed}';
alter table machine add column mass_kg double precision check (mass_kg > 0);
alter table machine add column row_units int check (row_units > 0);
alter table machine drop constraint machine_hopper_m3_check;
alter table machine add constraint machine_hopper_m3_check check (hopper_m3 >= 0);

-- Rules a farm may change; without a row those that ship hold.
create table farm_rules (
  farm_id uuid primary key references farm on delete cascade,
  ending jsonb not null,
  version bigint not null
);

-- How a cover is to end, and why; a changed mind is a further row.
create table ending_choice (
  id uuid primary key,
  farm_id uuid not null references farm on delete cascade,
  field_id uuid not null references field on delete cascade,
  season_year int not null,
  way text not null,
  end_on date not null,
  plant_on date not null,
  why text not null,
  account_id uuid references account on delete set null,
  chosen_at timestamptz not null
);
create index ending_choice_field on ending_choice (field_id, season_year, chosen_at desc);

-- Products as their labels have them, entered by the farm.
create table spray_product (
  id uuid primary key,
  farm_id uuid not null references farm on delete cascade,
  name text not null check (name <> ''),
  label jsonb not null,
  version bigint not null
);
create unique index spray_product_name on spray_product (farm_id, lower(name));

-- What was sprayed, beside its log entry: active ingredients in g per ha.
create table spray_record (
  log_entry_id uuid primary key references log_entry on delete cascade,
  farm_id uuid not null references farm on delete cascade,
  field_id uuid not null references field on delete cascade,
  sprayed_on date not null,
  actives jsonb not null,
  words text not null
);
create index spray_record_field on spray_record (field_id, sprayed_on);

-- Something to go and see, made from a watch list with one tap.
create table follow_up (
  id uuid primary key,
  farm_id uuid not null references farm on delete cascade,
  field_id uuid not null references field on delete cascade,
  kind text not null,
  due_from date not null,
  due_to date not null check (due_to >= due_from),
  words text not null,
  done_on date,
  version bigint not null
);
create index follow_up_farm on follow_up (farm_id, due_from);

-- Digs behind the planter; the last in like residue is offered again.
create table planter_dig (
  id uuid primary key,
  farm_id uuid not null references farm on delete cascade,
  field_id uuid not null references field on delete cascade,
  machine_id uuid references machine on delete set null,
  residue text not null,
  dug_on date not null,
  dug int not null check (dug > 0),
  slots_open int not null check (slots_open >= 0),
  pinned int not null check (pinned >= 0),
  wrong_depth int not null check (wrong_depth >= 0),
  setting text not null,
  created_at timestamptz not null
);
create index planter_dig_farm on planter_dig (farm_id, created_at desc);

-- Clipped pairs: height and shade beside what a hoop weighed.
create table clipped_pair (
  id uuid primary key,
  farm_id uuid not null references farm on delete cascade,
  field_id uuid not null references field on delete cascade,
  clipped_on date not null,
  height_cm double precision not null check (height_cm > 0),
  cover double precision not null check (cover > 0 and cover <= 1),
  mg_per_ha double precision not null check (mg_per_ha >= 0)
);
create index clipped_pair_farm on clipped_pair (farm_id);

-- The way the drill went, so that roller and planter can go the same.
alter table seeding_record add column bearing_deg double precision check (bearing_deg >= 0 and bearing_deg < 360);
