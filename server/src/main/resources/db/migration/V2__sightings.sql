-- What was seen on a field and can be counted: the season model goes on from it.
alter table log_entry add column species text;
alter table log_entry add column stage text;
alter table log_entry add column amount double precision;
