-- A season is a way of looking, not a setting of the farm: its day says which one is this season,
-- and whoever looks may look at another. A laying-out remembers the season it was asked in.
alter table farm drop column season_year;
alter table work_run add column season_year int;
