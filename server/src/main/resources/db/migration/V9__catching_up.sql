-- What somebody said of a deed that is not done, or only in part.
create table deed_said (
  field_id uuid not null references field on delete cascade,
  season_year int not null,
  deed text not null check (deed in ('harvested', 'seeded', 'ended', 'planted')),
  farm_id uuid not null references farm on delete cascade,
  said_on date not null,
  share double precision not null check (share >= 0 and share < 1),
  account_id uuid references account on delete set null,
  primary key (field_id, season_year, deed)
);
create index deed_said_farm on deed_said (farm_id, season_year);
