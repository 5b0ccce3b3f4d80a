-- What keeping work changed in the fields' own plans, so that taking the one back takes back the other.
alter table work_keeping add column plan_change uuid;
