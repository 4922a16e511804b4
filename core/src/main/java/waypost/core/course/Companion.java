package waypost.core.course;

/** Another course of the same person, with the id by which reasons name it. */
public record Companion(String id, Course course) {}
