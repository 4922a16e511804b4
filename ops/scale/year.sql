-- Adds whole clinics with a year of forty visits a weekday behind each, made from the demo clinic's own courses.
-- psql variables: first, last (numbers of the clinics to add). All of it is invented.
-- Rows are made to fit one another, so foreign keys are not checked row by row; the last query counts what would not fit.
set session_replication_role = replica;
set timezone = 'UTC';

create or replace function pg_temp.own(kind text, clinic int, course int, nth int) returns uuid language sql immutable as
$$ select md5(kind || ':' || clinic || ':' || course || ':' || nth)::uuid $$;

-- Courses of the demo that were referred and worked with, in an order that stays.
create temp table template as
select row_number() over (order by c.protocol_id, c.id) - 1 as place, c.id as course_id, c.bundle_hash, c.protocol_id, p.name
  from course c
  join patient p on p.id = c.patient_id
 where (select count(*) from set_done s where s.course_id = c.id) >= 20
   and (select count(*) from reading r where r.course_id = c.id) >= 1
   and not exists (select 1 from set_done s where s.course_id = c.id and s.replaces is not null)
   and not exists (select 1 from reading r where r.course_id = c.id and r.replaces is not null)
   and not exists (select 1 from event e where e.course_id = c.id);
create temp table template_set as
select t.place, row_number() over (partition by t.place order by s.nth) - 1 as line, count(*) over (partition by t.place) as lines, s.*
  from template t join set_done s on s.course_id = t.course_id;
create temp table template_reading as
select t.place, row_number() over (partition by t.place order by r.nth) - 1 as line, count(*) over (partition by t.place) as lines, r.*
  from template t join reading r on r.course_id = t.course_id;
create index on template_set (place, line);
create index on template_reading (place, line);
analyze template_set;
analyze template_reading;

-- 24 weekly visits a course and 200 courses at a time are 40 visits a weekday: 633 courses begin in 76 weeks.
create temp table made as
select clinic, nth, pg_temp.own('course', clinic, nth, 0) as course_id, pg_temp.own('patient', clinic, nth, 0) as patient_id,
       pg_temp.own('account', clinic, 0, nth % 4) as account_id,
       begun - case extract(isodow from begun) when 6 then 1 when 7 then 2 else 0 end as begun,
       nth % (select count(*) from template) as place
  from generate_series(:first, :last) clinic, generate_series(0, 632) nth,
       lateral (select (current_date - 532 + nth * 532 / 632)::date as begun) day;
create temp table day_in as
select m.*, visit, m.begun + 7 * visit as visited_on
  from made m, generate_series(1, 24) visit
 where m.begun + 7 * visit between current_date - 365 and current_date;
analyze made;
analyze day_in;

insert into clinic (id, name, zone)
select pg_temp.own('clinic', n, 0, 0), 'Generated Clinic ' || n, 'Europe/Lisbon' from generate_series(:first, :last) n;
insert into account (id, clinic_id, sign_in_name, display_name, role, password_hash)
select pg_temp.own('account', n, 0, nth), pg_temp.own('clinic', n, 0, 0), (array['therapist', 'second', 'third', 'lead'])[nth + 1] || '.c' || n,
       'Staff ' || nth, case nth when 3 then 'LEAD' else 'THERAPIST' end, a.password_hash
  from generate_series(:first, :last) n, generate_series(0, 3) nth, (select password_hash from account where sign_in_name = 'therapist') a;
insert into patient (id, clinic_id, number, name, birth_date, created_by)
select m.patient_id, pg_temp.own('clinic', m.clinic, 0, 0), 'G' || m.nth, t.name || ' ' || m.nth, date '1950-01-01' + m.nth * 29, m.account_id
  from made m join template t using (place);
insert into course (id, clinic_id, patient_id, bundle_hash, protocol_id, created_by)
select m.course_id, pg_temp.own('clinic', m.clinic, 0, 0), m.patient_id, t.bundle_hash, t.protocol_id, m.account_id
  from made m join template t using (place);
insert into signature (id, course_id, kind, wording, evidence, evidence_hash, signed_by, signed_at)
select pg_temp.own('referral', m.clinic, m.nth, 0), m.course_id, s.kind, s.wording, s.evidence, s.evidence_hash, m.account_id, m.begun
  from made m join template t using (place)
  join statement o on o.course_id = t.course_id and o.replaces is null join signature s on s.id = o.signature_id;
insert into statement (id, course_id, operation, day_zero, side, surgeon, answers, why, signature_id)
select pg_temp.own('statement', m.clinic, m.nth, 0), m.course_id, o.operation, m.begun, o.side, o.surgeon, o.answers, o.why,
       pg_temp.own('referral', m.clinic, m.nth, 0)
  from made m join template t using (place) join statement o on o.course_id = t.course_id and o.replaces is null;

insert into appointment (id, clinic_id, course_id, starts_at, state, changed_by)
select pg_temp.own('appointment', clinic, nth, visit), pg_temp.own('clinic', clinic, 0, 0), course_id,
       visited_on + time '08:00' + (nth % 20) * interval '25 minutes',
       case when visited_on = current_date then 'BOOKED' else 'DONE' end, account_id
  from day_in order by visited_on;
-- What is done today has not been done yet.
delete from day_in where visited_on = current_date;
insert into visit (id, course_id, visited_on, begun_by, begun_at)
select pg_temp.own('visit', clinic, nth, visit), course_id, visited_on, account_id, visited_on + time '09:00' from day_in order by visited_on;
insert into check_in (id, course_id, checked_on, pain_now, pain_after, pain_morning, swelling, home_sessions, words, flags, entered_by, entered_at)
select pg_temp.own('check-in', clinic, nth, visit), course_id, visited_on, visit % 4, 2, 1, 'AS_BEFORE', 5, '', '', account_id, visited_on + time '09:00'
  from day_in order by visited_on;
insert into reading (id, course_id, measure, side, mode, value, measured_on, strict, entered_by, entered_at, rater, tool, position, source)
select pg_temp.own('reading', d.clinic, d.nth, d.visit * 10 + n), d.course_id, r.measure, r.side, r.mode, r.value, d.visited_on, r.strict,
       d.account_id, d.visited_on + time '09:10', r.rater, r.tool, r.position, r.source
  from day_in d cross join generate_series(0, 2) n
  join template_reading r on r.place = d.place and r.line = (d.visit * 3 + n) % r.lines
 order by d.visited_on;
insert into set_done (id, course_id, done_on, role, amount, load_amount, load_unit, pain, form, effort, faults, asked, device, device_nth,
                      done_at, entered_by, entered_at)
select pg_temp.own('set', d.clinic, d.nth, d.visit * 100 + n), d.course_id, d.visited_on, s.role, s.amount, s.load_amount, s.load_unit, s.pain,
       s.form, s.effort, s.faults, s.asked, 'generated', d.visit * 100 + n, d.visited_on + time '09:20' + n * interval '2 minutes',
       d.account_id, d.visited_on + time '09:20' + n * interval '2 minutes'
  from day_in d cross join generate_series(0, 15) n
  join template_set s on s.place = d.place and s.line = (d.visit * 16 + n) % s.lines
 order by d.visited_on;
insert into signature (id, course_id, kind, wording, evidence, evidence_hash, signed_by, signed_at)
select pg_temp.own('note-signed', clinic, nth, visit), course_id, 'NOTE', 'The note of a visit.', repeat('A line of the note as it was signed. ', 20),
       md5(course_id::text || visit) || md5(visit::text), account_id, visited_on + time '10:00'
  from day_in;
insert into visit_note (id, course_id, visited_on, subjective, objective, assessment, plan, own_words, response, signature_id, written_by, written_at)
select pg_temp.own('note', clinic, nth, visit), course_id, visited_on, 'Slept well, a little stiff in the morning.',
       repeat('Bend and straightening as measured today. ', 8), repeat('Goes on as the protocol says. ', 6), 'Next week the same, a set more.', '', '',
       pg_temp.own('note-signed', clinic, nth, visit), account_id, visited_on + time '10:00'
  from day_in order by visited_on;
insert into read_log (clinic_id, account_id, course_id, place, read_at)
select pg_temp.own('clinic', clinic, 0, 0), account_id, course_id, (array['today', 'way', 'sets', 'measures', 'sets', 'sets', 'milestones', 'work'])[n + 1],
       visited_on + time '09:00' + n * interval '6 minutes'
  from day_in cross join generate_series(0, 7) n order by visited_on;

-- None of these may be more than nought: what was made fits together.
select (select count(*) from statement s where not exists (select 1 from signature g where g.id = s.signature_id and g.course_id = s.course_id)) as unsigned,
       (select count(*) from course c where not exists (select 1 from patient p where p.id = c.patient_id and p.clinic_id = c.clinic_id)) as nobodys,
       (select count(*) from visit v where not exists (select 1 from course c where c.id = v.course_id)) as astray;
