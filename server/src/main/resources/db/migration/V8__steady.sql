-- Long work is picked up, watched and tried again by the scheduler; its own table.
create table scheduled_tasks (
  task_name text not null,
  task_instance text not null,
  task_data bytea,
  execution_time timestamptz not null,
  picked boolean not null,
  picked_by text,
  last_success timestamptz,
  last_failure timestamptz,
  consecutive_failures int,
  last_heartbeat timestamptz,
  version bigint not null,
  priority smallint,
  primary key (task_name, task_instance)
);
create index scheduled_tasks_execution_time on scheduled_tasks (execution_time);
create index scheduled_tasks_last_heartbeat on scheduled_tasks (last_heartbeat);

-- Who works on a laying-out: every write of another is refused.
alter table work_run add column owner uuid;
alter table work_run drop column heartbeat_at;
update work_run set state = 'failed', trouble = 'The server was renewed meanwhile; ask again.'
  where state in ('waiting', 'running');

-- What a laying-out was reckoned under: a proposal whose ground has shifted cannot be kept.
alter table work_run add column seen jsonb;
update work_run set result = null;

-- Who is asked onto a farm: a link that works once, and the person's own account.
create table invitation (
  id uuid primary key,
  farm_id uuid not null references farm on delete cascade,
  label text not null check (label <> ''),
  role text not null check (role in ('owner', 'operator', 'viewer')),
  hash text not null unique,
  invited_by uuid not null references account on delete cascade,
  created_at timestamptz not null,
  expires_at timestamptz not null,
  version bigint not null
);
create index invitation_farm on invitation (farm_id);

-- Guessing is counted by address and by where it comes from.
alter table login_failure add column client text not null default '';
create index login_failure_client on login_failure (client, failed_at);
create index login_failure_age on login_failure (failed_at);

-- Certificates lie beside lots, so that a list of lots does not carry them.
create table seed_certificate (
  lot_id uuid primary key references seed_lot on delete cascade,
  bytes bytea not null
);
insert into seed_certificate select id, certificate from seed_lot where certificate is not null;
alter table seed_lot drop column certificate;
