package waypost.library.bundle;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import waypost.core.battery.Battery;
import waypost.core.exercise.Activity;
import waypost.core.exercise.Ladder;
import waypost.core.measure.Measure;
import waypost.core.prescription.ExerciseSet;
import waypost.core.program.Program;
import waypost.core.runner.Shape;
import waypost.core.safety.RedFlag;
import waypost.core.transfer.Transfer;
import waypost.library.text.Document;
import waypost.library.text.Problem;
import waypost.library.text.RefusedException;
import waypost.library.text.SchemaCheck;
import waypost.library.text.StrictYaml;
import waypost.library.text.Suggestion;

/** Reads the files of a bundle in the order in which they build on each other, and gathers the problems of all. */
final class BundleReader {

    private static final List<String> KINDS = List.of(
            "measures",
            "red-flags",
            "exercises",
            "set-list",
            "session-list",
            "transfer-list",
            "milestone-list",
            "battery-list",
            "program-list",
            "part",
            "protocol",
            "supplement");

    /** A file as far as it can be read by itself. */
    private record Opened(String kind, Optional<Document> document, List<Problem> problems) {

        static Opened of(SourceText source) {
            try {
                Document document = StrictYaml.read(source.file(), source.text());
                String kind = kind(document);
                SchemaCheck.of(kind + "-file").check(document);
                return new Opened(kind, Optional.of(document), List.of());
            } catch (RefusedException refused) {
                return new Opened("", Optional.empty(), refused.problems());
            }
        }

        private static String kind(Document document) {
            Optional<String> kind =
                    KINDS.stream().filter(k -> document.top().has(k)).findFirst();
            if (kind.isEmpty()) {
                document.top()
                        .problem(
                                "found none of the keys that tell a file's kind, allowed: " + String.join(", ", KINDS));
                document.refuseIfAnyProblem();
            }
            return kind.orElse("");
        }
    }

    private final List<Problem> problems = new ArrayList<>();
    private final Map<String, Measure> measures = new LinkedHashMap<>();
    private final Map<String, RedFlag> redFlags = new LinkedHashMap<>();
    private final Map<String, Ladder> ladders = new LinkedHashMap<>();
    private final Map<String, Activity> activities = new LinkedHashMap<>();
    private final Map<String, ExerciseSet> sets = new LinkedHashMap<>();
    private final Map<String, Shape> shapes = new LinkedHashMap<>();
    private final Map<String, Transfer> transfers = new LinkedHashMap<>();
    private final Map<String, Battery> batteries = new LinkedHashMap<>();
    private final Map<String, Program> programs = new LinkedHashMap<>();
    private final SharedParts shared = new SharedParts(measures, activities, batteries.keySet());
    private final Map<String, ProtocolParts> protocols = new LinkedHashMap<>();

    Bundle read(List<SourceText> sources, String hash) {
        Map<String, List<Document>> byKind = new LinkedHashMap<>();
        KINDS.forEach(kind -> byKind.put(kind, new ArrayList<>()));
        // Files are read beside each other: half of the reading goes here.
        sources.parallelStream().map(Opened::of).toList().forEach(opened -> gather(opened, byKind));
        readAll(byKind);
        boolean allRead = byKind.values().stream()
                .flatMap(List::stream)
                .allMatch(document -> document.problems().isEmpty());
        if (allRead) {
            protocols.values().forEach(parts -> parts.checkReferences(ladders.keySet()));
        }
        byKind.values().forEach(documents -> documents.forEach(this::gatherRemaining));
        if (!problems.isEmpty()) {
            throw new RefusedException(problems.stream().distinct().toList());
        }
        return new Bundle(
                hash,
                sources,
                List.copyOf(measures.values()),
                List.copyOf(redFlags.values()),
                List.copyOf(ladders.values()),
                List.copyOf(activities.values()),
                List.copyOf(sets.values()),
                Map.copyOf(shapes),
                List.copyOf(transfers.values()),
                List.copyOf(batteries.values()),
                List.copyOf(programs.values()),
                protocols.values().stream().map(ProtocolParts::whole).toList());
    }

    private void gather(Opened opened, Map<String, List<Document>> byKind) {
        problems.addAll(opened.problems());
        opened.document()
                .ifPresent(document ->
                        byKind.getOrDefault(opened.kind(), new ArrayList<>()).add(document));
    }

    /** Kind by kind: what is named stands before what names it. */
    private void readAll(Map<String, List<Document>> byKind) {
        ExerciseReader exercises = new ExerciseReader(measures, ladders, activities);
        each(byKind, "measures", d -> new MeasureReader(measures).read(d.top()));
        each(byKind, "red-flags", d -> new RedFlagReader(redFlags).read(d.top()));
        each(byKind, "exercises", d -> exercises.read(d.top()));
        each(byKind, "set-list", d -> new ExerciseSetReader(activities, sets).read(d.top()));
        each(byKind, "session-list", d -> new ShapeReader(activities, shapes).read(d.top()));
        each(byKind, "transfer-list", d -> new TransferReader(activities, transfers).read(d.top()));
        each(byKind, "milestone-list", d -> shared.addMilestones(d.top()));
        each(byKind, "battery-list", d -> new BatteryReader(shared.milestones(), batteries).read(d.top()));
        each(byKind, "program-list", d -> new ProgramReader(activities, shared.milestones(), programs).read(d.top()));
        each(byKind, "part", d -> shared.addPart(d.top()));
        each(byKind, "protocol", d -> protocols.put(d.top().text("protocol"), new ProtocolParts(d.top(), shared)));
        each(byKind, "supplement", d -> {
            exercises.read(d.top());
            supplemented(d).supplement(d.top());
        });
    }

    private ProtocolParts supplemented(Document supplement) {
        return supplement.top().at("to").as(id -> {
            ProtocolParts parts = protocols.get(id);
            if (parts == null) {
                throw new IllegalArgumentException(Suggestion.oneOf(id, protocols.keySet()));
            }
            return parts;
        });
    }

    private interface DocumentReader {
        void read(Document document);
    }

    private void each(Map<String, List<Document>> byKind, String kind, DocumentReader reader) {
        byKind.getOrDefault(kind, List.of())
                .forEach(document -> document.top().tried(top -> {
                    reader.read(document);
                    return top;
                }));
    }

    private void gatherRemaining(Document document) {
        problems.addAll(document.problems());
    }
}
