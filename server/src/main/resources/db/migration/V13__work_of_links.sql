-- A job of a cover that stands behind another of its season carries that cover's id in its name.
alter table work_item drop constraint work_item_kind_check;
alter table work_item add constraint work_item_kind_check
  check (kind in ('harvest', 'seed', 'end', 'second', 'plant') or kind like 'look:%'
    or kind ~ '^(seed|end|second):[0-9a-f-]{36}$');
