-- How a cover stands between the rows of a crop, and what goes out in the same pass.
alter table cover_plan add column row_setup jsonb;
