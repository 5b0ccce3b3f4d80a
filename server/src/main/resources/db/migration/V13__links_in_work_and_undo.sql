-- A job of a cover that stands behind another of its season carries that cover's id in its name.
alter table work_item drop constraint work_item_kind_check;
alter table work_item add constraint work_item_kind_check
  check (kind in ('harvest', 'seed', 'end', 'second', 'plant') or kind like 'look:%'
    or kind ~ '^(seed|end|second):[0-9a-f-]{36}$');

-- A rotation laid over fields sets crops beside covers; both go back in one step, each to the
-- rotation it came of before.
alter table plan_change add column rotation_before uuid;
alter table plan_change add column crop boolean not null default false;
alter table plan_change add column crop_before jsonb;
