package waypost.app.note;

/** A line of the list for home; the title is kept as it was then. */
public record HomeItem(String role, String title, String dose, String often) {}
