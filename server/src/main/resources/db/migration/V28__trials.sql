-- Strips that compare ways on a field: the question, the strips in their order, and what was measured.
create table trial (
  id uuid primary key,
  farm_id uuid not null references farm on delete cascade,
  field_id uuid not null references field on delete cascade,
  season_year int not null,
  question text not null,
  crop text not null,
  treatments jsonb not null,
  replicates int not null,
  strip_widthm double precision not null,
  bearing_deg double precision,
  strips jsonb not null,
  removed boolean not null default false,
  version bigint not null
);
create index trial_farm on trial (farm_id);
create index trial_field on trial (field_id);
create trigger tell_change after insert or update or delete on trial
  for each row execute function tell_change();
