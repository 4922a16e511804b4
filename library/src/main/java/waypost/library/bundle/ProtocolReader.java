package waypost.library.bundle;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.concurrent.ConcurrentHashMap;
import java.util.function.Function;
import java.util.stream.Collectors;
import waypost.core.battery.Battery;
import waypost.core.exercise.Activity;
import waypost.core.exercise.Ladder;
import waypost.core.measure.Measure;
import waypost.library.text.Document;
import waypost.library.text.Problem;
import waypost.library.text.RefusedException;
import waypost.library.text.SchemaCheck;
import waypost.library.text.StrictYaml;

/**
 * Reads one protocol against a bundle that was read before: what is written on a desk is read again after every touch, and
 * all that it stands on stays.
 */
public final class ProtocolReader {

    private final Bundle bundle;
    private final Map<String, Measure> measures;
    private final Map<String, Activity> activities;
    private final Set<String> batteries;
    private final Set<String> ladders;
    private final List<Document> milestones;
    private final Map<String, SourceText> parts = new LinkedHashMap<>();
    private final Map<String, Document> read = new ConcurrentHashMap<>();

    public ProtocolReader(Bundle bundle) {
        this.bundle = bundle;
        this.measures = byId(bundle.measures(), Measure::id);
        this.activities = byId(bundle.activities(), Activity::id);
        this.batteries = bundle.batteries().stream().map(Battery::id).collect(Collectors.toSet());
        this.ladders = bundle.ladders().stream().map(Ladder::id).collect(Collectors.toSet());
        this.milestones = bundle.sources().stream()
                .filter(source -> source.isOf("milestone-list"))
                .map(source -> StrictYaml.read(source.file(), source.text()))
                .toList();
        bundle.sources().stream()
                .filter(source -> source.isOf("part"))
                .forEach(source -> parts.put(source.named("part"), source));
    }

    private static <T> Map<String, T> byId(List<T> all, Function<T, String> id) {
        Map<String, T> byId = new LinkedHashMap<>();
        all.forEach(each -> byId.put(id.apply(each), each));
        return byId;
    }

    /** The file of a part that the bundle holds. */
    public SourceText part(String id) {
        SourceText part = parts.get(id);
        if (part == null) {
            throw new IllegalArgumentException("part: found '" + id + "', allowed: one that is in the library");
        }
        return part;
    }

    /** Ids of the parts that the bundle holds, in the order of its files. */
    public List<String> partIds() {
        return List.copyOf(parts.keySet());
    }

    /**
     * The bundle with one more protocol.
     *
     * @param own parts that only this protocol includes, and measures that only it knows
     * @param supplements files that add to it
     * @throws RefusedException with every problem in these files
     */
    public Bundle with(SourceText protocol, List<SourceText> own, List<SourceText> supplements) {
        return with(read("protocol-file", protocol), protocol, own, supplements);
    }

    /** The same where the protocol's document was looked through before. */
    public Bundle with(Document top, SourceText protocol, List<SourceText> own, List<SourceText> supplements) {
        List<Document> read = new ArrayList<>(List.of(top));
        Map<String, Measure> known = known(own, read);
        SharedParts shared = new SharedParts(known, activities, batteries);
        milestones.forEach(list -> shared.addMilestones(list.top()));
        List<SourceText> included = new ArrayList<>(
                own.stream().filter(source -> !isMeasures(source)).toList());
        top.top().list("includes", entry -> entry.text("part")).stream()
                .distinct()
                .filter(parts::containsKey)
                .forEach(id -> included.add(part(id)));
        for (SourceText part : included) {
            Document document = part(part);
            shared.addPart(document.top());
            read.add(document);
        }
        ProtocolParts whole = whole(top, shared, supplements, read);
        List<SourceText> sources = new ArrayList<>(bundle.sources());
        sources.add(protocol);
        sources.addAll(own);
        sources.addAll(supplements);
        return bundle.with(whole.whole(), List.copyOf(known.values()), sources);
    }

    private static boolean isMeasures(SourceText source) {
        return source.file().startsWith("measures/");
    }

    /** The measures that ship, and its own. */
    private Map<String, Measure> known(List<SourceText> own, List<Document> read) {
        Map<String, Measure> known = new LinkedHashMap<>(measures);
        for (SourceText source : own) {
            if (isMeasures(source)) {
                Document document = read("measures-file", source);
                document.top().tried(top -> {
                    new MeasureReader(known).readOwn(top);
                    return top;
                });
                read.add(document);
            }
        }
        return known;
    }

    private ProtocolParts whole(Document top, SharedParts shared, List<SourceText> supplements, List<Document> read) {
        ProtocolParts whole = top.top()
                .tried(entry -> new ProtocolParts(entry, shared))
                .orElseThrow(() -> new RefusedException(problems(read)));
        for (SourceText supplement : supplements) {
            Document document = read("supplement-file", supplement);
            read.add(document);
            document.top().tried(entry -> {
                whole.supplement(entry);
                return entry;
            });
        }
        refuse(read);
        whole.checkReferences(ladders);
        refuse(read);
        return whole;
    }

    /** A part that ships is looked through once. */
    private Document part(SourceText part) {
        return parts.containsValue(part)
                ? read.computeIfAbsent(part.file(), file -> read("part-file", part))
                        .anew()
                : read("part-file", part);
    }

    private static Document read(String kind, SourceText source) {
        Document document = StrictYaml.read(source.file(), source.text());
        SchemaCheck.of(kind).check(document);
        return document;
    }

    private static void refuse(List<Document> read) {
        if (!problems(read).isEmpty()) {
            throw new RefusedException(problems(read));
        }
    }

    private static List<Problem> problems(List<Document> read) {
        return read.stream()
                .flatMap(document -> document.problems().stream())
                .distinct()
                .toList();
    }
}
