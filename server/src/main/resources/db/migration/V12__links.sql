-- A field is left out of covers for a year, with the reason; the next year asks anew.
create table field_left_out (
  field_id uuid not null references field on delete cascade,
  season_year int not null,
  reason text not null check (reason <> ''),
  primary key (field_id, season_year)
);
insert into field_left_out
  select f.id, m.season_year, f.left_out_reason
  from field f join farm m on m.id = f.farm_id
  where f.left_out_reason <> '';
alter table field drop column left_out_reason;

-- A season is a way of looking, not a setting of the farm: its day says which one is this season,
-- and whoever looks may look at another. A laying-out remembers the season it was asked in.
alter table farm drop column season_year;
alter table work_run add column season_year int;

-- Covers of a piece stand one behind the other: any number in a season, no two at once. A plan that
-- is changed within a transaction may cross another on the way, so it is asked at the end.
create extension if not exists btree_gist;
alter table cover_plan drop constraint cover_plan_piece_id_season_year_position_key;
alter table cover_plan drop column position;
-- Seasons were planned apart: a cover that would still stand when the next is seeded ends that day.
update cover_plan b set seed_on = b.seed_on + 1
  where b.seed_on + 1 < b.end_on and exists (
    select 1 from cover_plan a where a.piece_id = b.piece_id and a.seed_on = b.seed_on and a.season_year < b.season_year);
update cover_plan a set end_on = (
    select min(b.seed_on) from cover_plan b where b.piece_id = a.piece_id and b.seed_on > a.seed_on)
  where exists (
    select 1 from cover_plan b where b.piece_id = a.piece_id and b.seed_on > a.seed_on and b.seed_on < a.end_on);
alter table cover_plan add constraint covers_one_behind_the_other
  exclude using gist (piece_id with =, daterange(seed_on, end_on) with &&) deferrable initially deferred;
create index cover_plan_piece on cover_plan (piece_id, seed_on);

-- Which cover a change was of; changes from before there were several know the season only.
alter table plan_change add column plan_id uuid;

-- A repeating list of crops and covers; laid over a field it fills the years ahead. What came of a
-- rotation says so, until somebody changes it by hand.
create table rotation (
  id uuid primary key,
  farm_id uuid not null references farm on delete cascade,
  name text not null check (name <> ''),
  years jsonb not null,
  version bigint not null
);
create unique index rotation_name on rotation (farm_id, lower(name));
alter table crop_link add column rotation_id uuid references rotation on delete set null;
alter table cover_plan add column rotation_id uuid references rotation on delete set null;

-- A piece worked apart is a field of its own with the day it began; what it was part of is kept with
-- the day it ended, and its past.
alter table field add column of_field uuid references field on delete set null;
alter table field add column worked_from date;
alter table field add column worked_until date;
alter table field add check (worked_until is null or worked_from is null or worked_from <= worked_until);
create index field_worked on field (farm_id) where worked_until is null;
