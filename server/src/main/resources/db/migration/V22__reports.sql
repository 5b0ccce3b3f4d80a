-- Reports as they were given away: numbered by farm, never changed.
create table report (
  id uuid primary key,
  farm_id uuid not null references farm on delete cascade,
  number int not null,
  kind text not null,
  title text not null,
  from_on date not null,
  to_on date not null,
  account_id uuid references account on delete set null,
  made_at timestamptz not null,
  unique (farm_id, number)
);

create table report_bytes (
  report_id uuid primary key references report on delete cascade,
  pdf bytea not null,
  csv text not null
);
