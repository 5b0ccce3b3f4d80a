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
