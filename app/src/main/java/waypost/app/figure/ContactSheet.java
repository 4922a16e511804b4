package waypost.app.figure;

import java.io.IOException;
import java.io.InputStream;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Optional;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.springframework.web.util.HtmlUtils;
import waypost.core.body.Side;
import waypost.core.exercise.Activity;
import waypost.core.exercise.Role;
import waypost.library.bundle.Bundle;
import waypost.library.bundle.ShippedLibrary;

/** Every figure of the library on one page, to be looked at by eye: {@code ./waypost figures FILE}. */
public final class ContactSheet {

    private static final List<String> STYLES = List.of("tokens", "figure");

    private ContactSheet() {}

    /** Takes the name of the file to write. */
    public static void main(String[] args) throws IOException {
        Files.writeString(Path.of(args[0]), page(ShippedLibrary.read()));
    }

    static String page(Bundle bundle) throws IOException {
        StringBuilder styles = new StringBuilder();
        for (String style : STYLES) {
            try (InputStream file = ContactSheet.class.getResourceAsStream("/static/waypost/" + style + ".css")) {
                styles.append(new String(file.readAllBytes(), StandardCharsets.UTF_8));
            }
        }
        return "<!DOCTYPE html><html lang=\"en\"><title>Figures</title><style>" + styles
                + ".sheet{display:grid;grid-template-columns:repeat(8,1fr);gap:6px;font:11px sans-serif}"
                + ".sheet svg{width:100%}</style><body class=\"sheet\">"
                + bundle.activities().stream().flatMap(ContactSheet::figures).collect(Collectors.joining())
                + "</body></html>";
    }

    private static Stream<String> figures(Activity activity) {
        return activity.roles().stream().map(role -> figure(activity, role));
    }

    private static String figure(Activity activity, Role role) {
        Figure figure = Figures.of(activity, role, Optional.empty(), Side.RIGHT);
        return "<figure class=\"body-figure\" id=\"" + role.key() + "\"><svg role=\"img\" viewBox=\"" + figure.viewBox()
                + "\" aria-label=\"" + HtmlUtils.htmlEscape(figure.caption()) + "\">"
                + figure.shapes().stream()
                        .map(shape -> "<path class=\"" + shape.kind() + "\" d=\"" + shape.path() + "\" stroke-width=\""
                                + shape.width() + "\"/>")
                        .collect(Collectors.joining())
                + "</svg><figcaption>" + HtmlUtils.htmlEscape(role.key() + ": " + figure.seen())
                + "</figcaption></figure>";
    }
}
