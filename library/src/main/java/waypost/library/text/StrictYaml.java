package waypost.library.text;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.snakeyaml.engine.v2.api.LoadSettings;
import org.snakeyaml.engine.v2.api.lowlevel.Parse;
import org.snakeyaml.engine.v2.composer.Composer;
import org.snakeyaml.engine.v2.events.CollectionEndEvent;
import org.snakeyaml.engine.v2.events.CollectionStartEvent;
import org.snakeyaml.engine.v2.events.Event;
import org.snakeyaml.engine.v2.events.NodeEvent;
import org.snakeyaml.engine.v2.events.ScalarEvent;
import org.snakeyaml.engine.v2.exceptions.Mark;
import org.snakeyaml.engine.v2.exceptions.MarkedYamlEngineException;
import org.snakeyaml.engine.v2.exceptions.YamlEngineException;
import org.snakeyaml.engine.v2.nodes.Node;

/**
 * Reads one YAML (or JSON) document. Anchors, aliases, tags, duplicate keys, a second document, more than 1 MiB and
 * nesting beyond 24 levels are refused. Every scalar stays the text that was written, except true and false.
 */
public final class StrictYaml {

    private static final int MOST_CHARACTERS = 1 << 20;
    private static final int MOST_LEVELS = 24;

    private final String file;
    private final LoadSettings settings;

    private StrictYaml(String file) {
        this.file = file;
        this.settings = LoadSettings.builder()
                .setLabel(file)
                .setCodePointLimit(MOST_CHARACTERS)
                .build();
    }

    /**
     * Reads a document.
     *
     * @throws RefusedException with everything that is wrong with its form
     */
    public static Document read(String file, String text) {
        if (text.length() > MOST_CHARACTERS) {
            throw refused(
                    file,
                    Optional.empty(),
                    "found " + text.length() + " characters, allowed: at most " + MOST_CHARACTERS);
        }
        StrictYaml yaml = new StrictYaml(file);
        try {
            Node root = new Composer(yaml.settings, new ReadEvents(yaml.withoutCleverness(text)))
                    .getSingleNode()
                    .orElseThrow(() -> refused(file, Optional.empty(), "found an empty file, allowed: one document"));
            Document document = new Document(file, text, root);
            document.refuseDuplicateKeys();
            return document;
        } catch (MarkedYamlEngineException malformed) {
            throw refused(file, malformed.getProblemMark(), "can't be read as YAML: " + malformed.getProblem());
        } catch (YamlEngineException malformed) {
            throw refused(file, Optional.empty(), "can't be read as YAML: " + malformed.getMessage());
        }
    }

    private List<Event> withoutCleverness(String text) {
        List<Event> events = new ArrayList<>();
        List<Problem> problems = new ArrayList<>();
        int level = 0;
        int documents = 0;
        for (Event event : new Parse(settings).parseString(text)) {
            events.add(event);
            forbidden(event).ifPresent(message -> problems.add(problem(file, event.getStartMark(), message)));
            if (event instanceof CollectionStartEvent && ++level > MOST_LEVELS) {
                throw refused(
                        file,
                        event.getStartMark(),
                        "found nesting beyond " + MOST_LEVELS + " levels, allowed: at most " + MOST_LEVELS);
            }
            if (event instanceof CollectionEndEvent) {
                level--;
            }
            if (event.getEventId() == Event.ID.DocumentStart && ++documents > 1) {
                problems.add(problem(file, event.getStartMark(), "found a second document, allowed: one a file"));
            }
        }
        if (!problems.isEmpty()) {
            throw new RefusedException(problems);
        }
        return events;
    }

    private static Optional<String> forbidden(Event event) {
        if (event.getEventId() == Event.ID.Alias) {
            return Optional.of("found an alias (*), allowed: the value written out");
        }
        if (event instanceof NodeEvent node && node.getAnchor().isPresent()) {
            return Optional.of("found an anchor (&" + node.getAnchor().get() + "), allowed: the value written out");
        }
        boolean tagged = event instanceof ScalarEvent scalar && scalar.getTag().isPresent()
                || event instanceof CollectionStartEvent collection
                        && collection.getTag().isPresent();
        return tagged ? Optional.of("found a tag (!), allowed: plain values") : Optional.empty();
    }

    private static Problem problem(String file, Optional<Mark> mark, String message) {
        return new Problem(
                file,
                mark.map(m -> m.getLine() + 1).orElse(1),
                mark.map(m -> m.getColumn() + 1).orElse(1),
                "",
                message);
    }

    private static RefusedException refused(String file, Optional<Mark> mark, String message) {
        return new RefusedException(List.of(problem(file, mark, message)));
    }
}
