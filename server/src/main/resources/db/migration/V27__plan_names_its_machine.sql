-- The machine a cover is meant to be seeded with, where somebody said so or kept work has it.
alter table cover_plan add column machine_id uuid references machine on delete set null;
create index cover_plan_machine on cover_plan (machine_id);
