-- What went out of each product stands in the record as a figure, to be said in the reader's units.
alter table log_entry add column products jsonb;
