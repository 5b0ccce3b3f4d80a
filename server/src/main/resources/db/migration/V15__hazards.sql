-- What a driver who does not know the field must know before going in: a power line, a soft spot.
alter table field add column hazards text not null default '';
