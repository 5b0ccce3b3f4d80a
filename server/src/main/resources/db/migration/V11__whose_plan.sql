-- A cover's plan says whose it is, so that none is read without naming the farm.
alter table cover_plan add column farm_id uuid references farm on delete cascade;
update cover_plan p
  set farm_id = (select f.farm_id from field_piece i join field f on f.id = i.field_id where i.id = p.piece_id);
alter table cover_plan alter column farm_id set not null;
create index on cover_plan (farm_id, season_year);
