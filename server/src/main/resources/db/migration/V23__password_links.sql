-- Links by which a member sets a new password, made by an owner, good once.
create table password_link (
  id uuid primary key,
  account_id uuid not null references account on delete cascade,
  hash text not null unique,
  made_by uuid not null references account on delete cascade,
  expires_at timestamptz not null
);
