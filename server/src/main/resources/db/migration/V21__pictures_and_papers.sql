-- Pictures on entries of the record. They name their entry without standing on it: an entry that is taken
-- out takes its pictures out of sight, and brings them back when it comes back.
create table picture (
  id uuid primary key,
  farm_id uuid not null references farm on delete cascade,
  field_id uuid not null,
  entry_id uuid not null,
  taken_on date not null,
  latitude double precision check (latitude between -90 and 90),
  longitude double precision check (longitude between -180 and 180),
  green double precision check (green between 0 and 1),
  width int not null,
  height int not null,
  away boolean not null default false,
  account_id uuid references account on delete set null,
  added_at timestamptz not null,
  check ((latitude is null) = (longitude is null))
);
create index picture_of_field on picture (farm_id, field_id);

-- Their bytes apart, so that a list of pictures reads none.
create table picture_bytes (
  picture_id uuid primary key references picture on delete cascade,
  whole bytea not null,
  small bytea not null
);

-- Papers of a lot, a spray product, a field or the farm itself.
create table paper (
  id uuid primary key,
  farm_id uuid not null references farm on delete cascade,
  holder text not null check (holder in ('lot', 'product', 'field', 'farm')),
  holder_id uuid not null,
  kind text not null,
  name text not null,
  media_type text not null,
  size int not null,
  away boolean not null default false,
  account_id uuid references account on delete set null,
  added_at timestamptz not null
);
create index paper_of_holder on paper (farm_id, holder_id);

create table paper_bytes (
  paper_id uuid primary key references paper on delete cascade,
  whole bytea not null
);

-- Certificates of lots are papers like others.
insert into paper (id, farm_id, holder, holder_id, kind, name, media_type, size, added_at)
select l.id, l.farm_id, 'lot', l.id, 'certificate', coalesce(l.certificate_name, 'certificate'),
       case when substring(c.bytes from 1 for 4) = '\x25504446' then 'application/pdf'
            when substring(c.bytes from 1 for 4) = '\x89504e47' then 'image/png'
            when substring(c.bytes from 1 for 3) = '\xffd8ff' then 'image/jpeg'
            else 'application/octet-stream' end,
       length(c.bytes), now()
  from seed_certificate c join seed_lot l on l.id = c.lot_id;
insert into paper_bytes select lot_id, bytes from seed_certificate;
drop table seed_certificate;
alter table seed_lot drop column certificate_name;
