package waypost.app.figure;

/**
 * A stroke of a drawing.
 *
 * @param kind the name of its style, such as "body-end"
 * @param path y grows downward
 * @param width of the stroke
 */
public record Shape(String kind, String path, double width) {}
