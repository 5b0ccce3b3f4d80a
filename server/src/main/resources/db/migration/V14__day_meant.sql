-- The day the field's own plan had for a job when the work was kept: once the grower moves that, the
-- kept day no longer outranks it.
alter table work_item add column meant_on date;
