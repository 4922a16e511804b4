package waypost.app.shelf;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import waypost.core.protocol.Phase;
import waypost.core.protocol.Protocol;
import waypost.library.words.Words;

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
        Map<String, List<ShelfRow>> areas = new TreeMap<>();
        for (Protocol protocol : protocols) {
            String area = Words.sentenceCase(
                    Words.plainName(protocol.id().substring(0, protocol.id().indexOf('.'))));
            areas.computeIfAbsent(area, key -> new ArrayList<>()).add(of(protocol));
        }
        return areas.entrySet().stream()
                .map(entry -> new Area(
                        entry.getKey(),
                        entry.getValue().stream()
                                .sorted(java.util.Comparator.comparing(ShelfRow::title))
                                .toList()))
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
