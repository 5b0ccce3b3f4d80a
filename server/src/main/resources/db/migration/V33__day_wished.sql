-- Choosing an ending may move the planting of the next crop: the day that was wished before is what the
-- wait is counted from.
alter table ending_choice add column wished_on date;
