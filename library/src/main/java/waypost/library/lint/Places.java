package waypost.library.lint;

import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.stream.Stream;
import waypost.library.bundle.Bundle;
import waypost.library.bundle.SourceText;
import waypost.library.text.Entry;
import waypost.library.text.StrictYaml;

/** Knows in which file and on which line each rule, rung and question stands. */
final class Places {

    private record Place(String file, int line) {}

    private static final List<String> RULES =
            List.of("questions", "milestones", "phases", "limits", "duties", "set-ups", "holds");

    private final Map<String, Place> places = new HashMap<>();

    static Places of(Bundle bundle) {
        Places places = new Places();
        bundle.sources().forEach(places::add);
        return places;
    }

    private void add(SourceText source) {
        Entry top = StrictYaml.read(source.file(), source.text()).top();
        String protocol =
                top.find("protocol").or(() -> top.find("to")).map(Entry::text).orElse("");
        top.find("part").ifPresent(part -> addPart(source, part.text(), top));
        note(source, protocol, top);
        RULES.forEach(kind -> top.list(kind, rule -> note(source, protocol + "#" + rule.text("id"), rule)));
        top.list("openings", rule -> note(source, protocol + "#" + rule.text("open"), rule));
        top.list("ladders", ladder -> {
            note(source, "ladder " + ladder.text("id"), ladder);
            return ladder.list("rungs", rung -> note(source, rung.text("id"), rung));
        });
        top.list("tests", test -> note(source, test.text("id"), test));
    }

    private void addPart(SourceText source, String part, Entry top) {
        RULES.forEach(kind -> top.list(kind, rule -> note(source, "#" + part + "." + rule.text("id"), rule)));
    }

    private String note(SourceText source, String what, Entry at) {
        places.putIfAbsent(what, new Place(source.file(), at.line()));
        return what;
    }

    /** In which folder a protocol's file stands; empty for one that stands in none. */
    String folder(String protocol) {
        Place place = places.get(protocol);
        return place == null ? "" : place.file().substring(0, place.file().lastIndexOf('/') + 1);
    }

    /** A finding about a rule of a protocol. */
    Finding rule(Check check, String protocol, String rule, String says, String mend) {
        Place place = Stream.of(protocol + "#" + rule, "#" + rule, protocol)
                .map(places::get)
                .filter(Objects::nonNull)
                .findFirst()
                .orElseGet(() -> new Place("?", 1));
        return new Finding(check, place.file(), place.line(), rule, says, mend);
    }

    /** A finding about an exercise or test. */
    Finding activity(Check check, String activity, String says, String mend) {
        Place place = places.getOrDefault(activity, new Place("?", 1));
        return new Finding(check, place.file(), place.line(), activity, says, mend);
    }
}
