-- People, farms and who may do what.
create table account (
  id uuid primary key,
  email text not null,
  name text not null check (name <> ''),
  password_hash text,
  units text not null default 'us' check (units in ('us', 'metric')),
  created_at timestamptz not null,
  version bigint not null
);
create unique index account_email on account (lower(email));

create table station (
  id uuid primary key,
  farm_id uuid,
  name text not null check (name <> ''),
  latitude_deg double precision not null check (latitude_deg between -90 and 90),
  elevation_m double precision not null,
  coastal boolean not null default false,
  version bigint not null
);

create table station_day (
  station_id uuid not null references station on delete cascade,
  day date not null,
  tmin_c real not null,
  tmax_c real not null,
  precip_mm real not null check (precip_mm >= 0),
  wind_ms real check (wind_ms >= 0),
  dew_point_c real,
  filled boolean not null default false,
  primary key (station_id, day),
  check (tmin_c <= tmax_c)
);

create table farm (
  id uuid primary key,
  name text not null check (name <> ''),
  season_year int not null check (season_year between 1900 and 2200),
  station_id uuid references station,
  demo boolean not null default false,
  -- the demonstration's clock; null means the real day
  demo_day date,
  version bigint not null
);
alter table station add foreign key (farm_id) references farm on delete cascade;

create table membership (
  account_id uuid not null references account on delete cascade,
  farm_id uuid not null references farm on delete cascade,
  role text not null check (role in ('owner', 'operator', 'viewer')),
  primary key (account_id, farm_id)
);

create table access_token (
  id uuid primary key,
  account_id uuid not null references account on delete cascade,
  name text not null check (name <> ''),
  hash text not null unique,
  created_at timestamptz not null,
  last_used_at timestamptz,
  version bigint not null
);

create table login_failure (
  id bigint generated always as identity primary key,
  email text not null,
  failed_at timestamptz not null
);
create index login_failure_recent on login_failure (email, failed_at);

-- A field is worked in one piece or several; each piece has a chain of crops and covers.
create table field (
  id uuid primary key,
  farm_id uuid not null references farm on delete cascade,
  name text not null check (name <> ''),
  boundary bytea,
  computed_area_ha numeric(12, 4) not null check (computed_area_ha >= 0),
  given_area_ha numeric(12, 4) check (given_area_ha > 0),
  texture text not null,
  drainage text not null,
  tiled boolean not null default false,
  slope_percent numeric(5, 2) not null default 0 check (slope_percent between 0 and 60),
  erodible boolean not null default false,
  organic boolean not null default false,
  rotation_notes text not null default '',
  left_out_reason text,
  version bigint not null
);
create unique index field_name on field (farm_id, lower(name));

create table field_piece (
  id uuid primary key,
  field_id uuid not null references field on delete cascade,
  name text not null default '',
  share numeric(5, 4) not null default 1 check (share > 0 and share <= 1),
  position int not null default 0,
  unique (field_id, position)
);

create table crop_link (
  id uuid primary key,
  piece_id uuid not null references field_piece on delete cascade,
  season_year int not null,
  kind text not null,
  planted_on date,
  maturity numeric(6, 2),
  row_spacing_m numeric(5, 3) check (row_spacing_m > 0),
  harvest_on date,
  version bigint not null,
  unique (piece_id, season_year),
  check (planted_on is null or harvest_on is null or planted_on < harvest_on)
);

create table cover_plan (
  id uuid primary key,
  piece_id uuid not null references field_piece on delete cascade,
  season_year int not null,
  -- cover after cover: the order within the season
  position int not null default 0,
  status text not null check (status in ('proposed', 'accepted')),
  purposes text[] not null,
  method text not null,
  seed_on date not null,
  ending text not null,
  end_on date not null,
  version bigint not null,
  unique (piece_id, season_year, position),
  check (seed_on < end_on)
);

create table cover_component (
  plan_id uuid not null references cover_plan on delete cascade,
  position int not null,
  species text not null,
  rate_kg_per_ha numeric(10, 4) not null check (rate_kg_per_ha > 0),
  primary key (plan_id, position)
);

-- Every change of a plan, so that it can be undone and looked up.
create table plan_change (
  id bigint generated always as identity primary key,
  farm_id uuid not null references farm on delete cascade,
  piece_id uuid not null references field_piece on delete cascade,
  change_group uuid not null,
  season_year int not null,
  account_id uuid references account on delete set null,
  changed_at timestamptz not null,
  what text not null,
  before jsonb,
  after jsonb,
  undone boolean not null default false
);
create index plan_change_recent on plan_change (farm_id, id desc);

create table log_entry (
  id uuid primary key,
  farm_id uuid not null references farm on delete cascade,
  field_id uuid not null references field on delete cascade,
  account_id uuid references account on delete set null,
  done_on date not null,
  kind text not null,
  words text not null,
  created_at timestamptz not null,
  version bigint not null
);
create index log_entry_field on log_entry (field_id, done_on desc);

create table calendar_feed (
  id uuid primary key,
  farm_id uuid not null references farm on delete cascade,
  account_id uuid not null references account on delete cascade,
  hash text not null unique,
  created_at timestamptz not null,
  version bigint not null
);

-- Sessions, as Spring Session wants them.
create table spring_session (
  primary_id char(36) not null,
  session_id char(36) not null,
  creation_time bigint not null,
  last_access_time bigint not null,
  max_inactive_interval int not null,
  expiry_time bigint not null,
  principal_name varchar(100),
  constraint spring_session_pk primary key (primary_id)
);
create unique index spring_session_ix1 on spring_session (session_id);
create index spring_session_ix2 on spring_session (expiry_time);
create index spring_session_ix3 on spring_session (principal_name);
create table spring_session_attributes (
  session_primary_id char(36) not null,
  attribute_name varchar(200) not null,
  attribute_bytes bytea not null,
  constraint spring_session_attributes_pk primary key (session_primary_id, attribute_name),
  constraint spring_session_attributes_fk foreign key (session_primary_id)
    references spring_session (primary_id) on delete cascade
);
