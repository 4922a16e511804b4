package waypost.app.shelf;

import java.time.LocalDate;
import java.util.List;
import waypost.app.course.ProtocolChoice;
import waypost.core.protocol.Phase;
import waypost.core.protocol.Protocol;

/**
 * A protocol on the shelf.
 *
 * @param posts where its phases begin, in days, for the small way
 * @param end the last phase's expected day
 */
public record ShelfRow(
        String id,
        String title,
        String version,
        String review,
        String source,
        int questions,
        int rules,
        int openings,
        int milestones,
        List<Integer> posts,
        int end) {

    private static final LocalDate ANY = LocalDate.of(2031, 2, 10);

    /** The protocols of one part of the body. */
    public record Area(String title, List<ShelfRow> rows) {}

    static List<Area> of(List<Protocol> protocols) {
        return ProtocolChoice.of(protocols).stream()
                .map(choice -> new Area(
                        choice.area(),
                        choice.protocols().stream().map(ShelfRow::of).toList()))
                .toList();
    }

    private static ShelfRow of(Protocol protocol) {
        List<Integer> posts = protocol.phases().stream()
                .map(Phase::expected)
                .map(moment -> moment.from(ANY).number())
                .toList();
        return new ShelfRow(
                protocol.id(),
                protocol.title(),
                protocol.version(),
                protocol.review(),
                protocol.source(),
                protocol.questions().size(),
                protocol.limits().size() + protocol.duties().size(),
                protocol.openings().size(),
                protocol.criteria().size(),
                posts,
                posts.get(posts.size() - 1));
    }
}
