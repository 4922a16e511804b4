package waypost.core.exercise;

/** A row of exercises from easiest to hardest. */
public record Ladder(String id, String title) {}
