-- Pictures, papers and reports are parts of pages: whoever has one open is told of them too.
create trigger tell_change after insert or update or delete on picture
  for each row execute function tell_change();
create trigger tell_change after insert or update or delete on paper
  for each row execute function tell_change();
create trigger tell_change after insert or update or delete on report
  for each row execute function tell_change();
