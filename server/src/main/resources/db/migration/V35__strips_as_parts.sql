-- Whose ways are worked as parts of the field: the parts, and what the field was called.
alter table trial add column parts jsonb;
alter table trial add column whole text;
-- Which of the strips that fit is the first: those laid out so far began at the edge.
alter table trial add column first_strip integer not null default 0;
