-- Which entry of the record answered what was taken on; without a reference, since an entry that is taken
-- out opens it again.
alter table follow_up add column done_by uuid;
