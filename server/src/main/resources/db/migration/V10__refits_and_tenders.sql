-- Hours to change a machine's head or to clean it out, and how far from the field it fills.
alter table machine add column change_h double precision check (change_h >= 0);
alter table machine add column tender_m double precision check (tender_m >= 0);
