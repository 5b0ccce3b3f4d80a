-- What a farm does not want its forecasts corrected by.
create table learnt_off (
  id uuid primary key,
  farm_id uuid not null references farm on delete cascade,
  what text not null,
  unique (farm_id, what)
);
create trigger tell_change after insert or update or delete on learnt_off
  for each row execute function tell_change();
