-- People and what they can run.
create table crew_member (
  id uuid primary key,
  farm_id uuid not null references farm on delete cascade,
  name text not null check (name <> ''),
  machines uuid[] not null,
  hours_per_day double precision not null check (hours_per_day >= 0 and hours_per_day <= 24),
  works_sundays boolean not null,
  days_off date[] not null,
  version bigint not null
);
create unique index crew_member_name on crew_member (farm_id, lower(name));

-- When a machine is there, and what it takes to move it.
alter table machine add column weekdays int[] not null default '{1,2,3,4,5,6,7}';
alter table machine add column only_days date[] not null default '{}';
alter table machine add column set_up_h double precision not null default 0.4 check (set_up_h >= 0);
alter table machine add column road_kmh double precision not null default 25 check (road_kmh > 0);

-- The plan of the work that was kept, one row a job.
create table work_item (
  id uuid primary key,
  farm_id uuid not null references farm on delete cascade,
  field_id uuid not null references field on delete cascade,
  kind text not null check (kind in ('harvest', 'seed', 'end', 'plant')),
  way text not null,
  machine_id uuid not null references machine on delete cascade,
  start_on date not null,
  finish_on date not null,
  hours double precision not null,
  share_done double precision not null default 0 check (share_done >= 0 and share_done <= 1),
  segments jsonb not null,
  pinned boolean not null default false,
  version bigint not null,
  unique (farm_id, field_id, kind)
);

-- What the kept plan was before each keeping, to go back to.
create table work_keeping (
  id bigint generated always as identity primary key,
  farm_id uuid not null references farm on delete cascade,
  kept_at timestamptz not null,
  before jsonb not null,
  undone boolean not null default false
);

-- Layings-out, each taken up by whichever server is free.
create table work_run (
  id uuid primary key,
  farm_id uuid not null references farm on delete cascade,
  state text not null check (state in ('waiting', 'running', 'done', 'stopped', 'failed')),
  asked_at timestamptz not null,
  asked_by text not null,
  seconds double precision not null check (seconds > 0 and seconds <= 120),
  usd_per_move double precision not null check (usd_per_move >= 0),
  goal_usd_per_ha double precision not null check (goal_usd_per_ha >= 0),
  heartbeat_at timestamptz,
  progress double precision not null default 0,
  value double precision,
  stop boolean not null default false,
  result jsonb,
  trouble text
);
-- One at a time for a farm.
create unique index work_run_active on work_run (farm_id) where state in ('waiting', 'running');
create index work_run_farm on work_run (farm_id, asked_at desc);
