package waypost.core.care;

import waypost.core.course.Course;

/** One course of a person, with the id by which the others name it. */
public record Episode(String id, Course course) {}
