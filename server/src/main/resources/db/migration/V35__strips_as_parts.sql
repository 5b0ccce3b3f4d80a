-- Whose ways are worked as parts of the field: the parts, and what the field was called.
alter table trial add column parts jsonb;
alter table trial add column whole text;
