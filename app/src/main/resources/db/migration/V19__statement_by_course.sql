-- What is in force of a course is asked for on every page.
create index statement_by_course on statement (course_id);
