-- Species of a farm's own: facts beside a species of the table it grows like.
create table own_species (
  id text primary key check (id like 'own\_%'),
  farm_id uuid not null references farm on delete cascade,
  name text not null check (name <> ''),
  facts jsonb not null,
  version bigint not null
);
create unique index own_species_name on own_species (farm_id, lower(name));

-- What is taken out of the bin or the shed can be put back; its uses and notes stay.
alter table seed_lot add column removed boolean not null default false;
alter table machine add column removed boolean not null default false;
drop index machine_name;
create unique index machine_name on machine (farm_id, lower(name)) where not removed;
