package waypost.core.paper;

/** What a line says, and when it holds. */
public record PaperRule(What what, Span span) {}
