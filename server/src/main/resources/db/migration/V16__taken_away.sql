-- What was taken away, whole, with all rows that hung on it, so that it can be brought back.
create table taken_away (
  id uuid primary key,
  farm_id uuid not null references farm on delete cascade,
  kind text not null,
  name text not null,
  taken_at timestamptz not null,
  account_id uuid references account on delete set null,
  held jsonb not null
);
create index taken_away_of_farm on taken_away (farm_id, kind, taken_at);
