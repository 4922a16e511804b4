-- Of two people who write at once, the second is told: a block follows the one that its writer saw, and a visit has one
-- note, which is amended and never written again.
alter table block add unique (id, course_id);
alter table block add column replaces uuid;
update block b set replaces = p.before
  from (select id, lag(id) over (partition by course_id order by nth) as before from block) p
 where p.id = b.id and p.before is not null;
alter table block add foreign key (replaces, course_id) references block (id, course_id);
alter table block add unique nulls not distinct (course_id, replaces);

-- A second note of the same visit, where one was written, becomes what it is: an amendment.
update visit_note n set amends = p.before, why = 'a second note of the same visit'
  from (select id, lag(id) over (partition by course_id, visited_on order by written_at, id) as before
          from visit_note where amends is null) p
 where p.id = n.id and p.before is not null
   and not exists (select 1 from visit_note other where other.amends = p.before);
create unique index visit_note_first on visit_note (course_id, visited_on) where amends is null;
