package waypost.library.coursefile;

import java.time.LocalDate;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.function.Function;
import waypost.core.body.Motion;
import waypost.core.exercise.RoleKey;
import waypost.core.limit.Limit;
import waypost.core.log.Change;
import waypost.core.log.Decisions;
import waypost.core.log.Narrowing;
import waypost.core.log.Order;
import waypost.core.protocol.Duty;
import waypost.core.protocol.Protocol;
import waypost.library.bundle.Bundle;
import waypost.library.bundle.Word;
import waypost.library.text.Entry;
import waypost.library.text.Suggestion;

/** Reads what surgeons ordered and therapists narrowed in a course. */
final class DecisionReader {

    private final Protocol protocol;
    private final Bundle bundle;
    private final Map<String, Function<Entry, Change>> kinds = new LinkedHashMap<>();

    DecisionReader(Protocol protocol, Bundle bundle) {
        this.protocol = protocol;
        this.bundle = bundle;
        kinds.put("limit", entry -> newValue(entry, entry.at("limit").as(protocol::limit)));
        kinds.put("motion", entry -> ownLimit(entry, entry.at("motion").as(text -> Word.read(Motion.class, text))));
        kinds.put("opens", entry -> new Change.Opens(entry.at("opens").as(this::role)));
        kinds.put("bars", entry -> new Change.Bars(Set.copyOf(entry.list("bars", e -> e.as(this::activity)))));
        kinds.put("ends", entry -> new Change.Ends(entry.at("ends").as(this::duty)));
    }

    Decisions decisions(Entry top) {
        return new Decisions(top.list("orders", this::order), top.list("narrowings", this::narrowing));
    }

    private Order order(Entry entry) {
        return new Order(
                entry.text("id"),
                entry.text("words"),
                entry.text("surgeon"),
                entry.at("given").as(LocalDate::parse),
                entry.at("from").as(LocalDate::parse),
                entry.maybe("last-day", LocalDate::parse),
                entry.maybe("signed", LocalDate::parse),
                entry.find("recorded-by").map(Entry::text),
                entry.list("changes", this::change));
    }

    private Narrowing narrowing(Entry entry) {
        return new Narrowing(
                entry.text("id"),
                entry.text("by"),
                entry.at("since").as(LocalDate::parse),
                entry.maybe("last-day", LocalDate::parse),
                entry.text("why"),
                entry.at("change").make(this::change));
    }

    private Change change(Entry entry) {
        return entry.byKind(kinds);
    }

    private static Change ownLimit(Entry entry, Motion motion) {
        return newValue(entry, Narrowings.motion("narrowed." + Word.of(motion).replace(' ', '-'), motion));
    }

    private static Change newValue(Entry entry, Limit<?> limit) {
        return entry.at("allow").as(text -> Narrowings.newValue(limit, text));
    }

    private RoleKey role(String text) {
        RoleKey role = RoleKey.of(text);
        List<String> known = bundle.activities().stream()
                .flatMap(activity -> activity.roles().stream())
                .map(r -> r.key().toString())
                .toList();
        if (!known.contains(text)) {
            throw new IllegalArgumentException(Suggestion.oneOf(text, known));
        }
        return role;
    }

    private String activity(String id) {
        List<String> known = bundle.activities().stream().map(a -> a.id()).toList();
        if (!known.contains(id)) {
            throw new IllegalArgumentException(Suggestion.oneOf(id, known));
        }
        return id;
    }

    private String duty(String id) {
        List<String> known = protocol.duties().stream()
                .map(Duty::head)
                .map(head -> head.id())
                .toList();
        if (!known.contains(id)) {
            throw new IllegalArgumentException(Suggestion.oneOf(id, known));
        }
        return id;
    }
}
