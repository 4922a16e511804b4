-- An exercise of a block may be placed on weekdays; none means that its dose says when. The last such row holds.
alter table plan_change add column weekdays text;
alter table plan_change drop constraint plan_change_kind_check;
alter table plan_change add constraint plan_change_kind_check check (kind in ('ADD', 'SWAP', 'REMOVE', 'PLACE')) not valid;
alter table plan_change add constraint plan_change_weekdays_known
    check (weekdays ~ '^(MON|TUES|WEDNES|THURS|FRI|SATUR|SUN)DAY(,(MON|TUES|WEDNES|THURS|FRI|SATUR|SUN)DAY){0,6}$') not valid;
alter table plan_change add constraint plan_change_weekdays_placed check (weekdays is null or kind = 'PLACE') not valid;
