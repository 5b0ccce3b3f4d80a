-- The parts that the ways of a trial are worked as, while they are.
alter table trial add column parts jsonb;
-- Which of the strips that fit is the first: those laid out so far began at the edge.
alter table trial add column first_strip integer not null default 0;
