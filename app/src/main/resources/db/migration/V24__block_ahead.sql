-- A block is written for its own weeks: what opens within them is in the plan from its day on.
alter table plan_change add column meant_from date;
-- What was proposed and is kept because somebody changed it; it takes nothing from a block that is to come.
alter table block add column proposed boolean not null default false;
