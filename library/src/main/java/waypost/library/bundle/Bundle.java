package waypost.library.bundle;

import java.nio.charset.StandardCharsets;
import java.security.MessageDigest;
import java.security.NoSuchAlgorithmException;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HexFormat;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import waypost.core.battery.Battery;
import waypost.core.exercise.Activity;
import waypost.core.exercise.Ladder;
import waypost.core.measure.Measure;
import waypost.core.own.OwnExercises;
import waypost.core.prescription.ExerciseSet;
import waypost.core.program.Program;
import waypost.core.protocol.Protocol;
import waypost.core.runner.Shape;
import waypost.core.safety.RedFlag;
import waypost.core.transfer.Transfer;
import waypost.library.text.Suggestion;

/**
 * Protocols with the exercises, tests and measures that they were written against. A course is pinned to a bundle, so
 * that an edited demand never changes a course silently.
 *
 * @param hash SHA-256 over every file's name and text, in the order of names
 * @param shapes what a session looks like, by the exercise's id
 * @param transfers ways from place to place in the first days
 * @param batteries tests of return
 * @param programs ways of many sessions
 * @param own what a clinic made from these exercises; none as it is published
 */
public record Bundle(
        String hash,
        List<SourceText> sources,
        List<Measure> measures,
        List<RedFlag> redFlags,
        List<Ladder> ladders,
        List<Activity> activities,
        List<ExerciseSet> sets,
        Map<String, Shape> shapes,
        List<Transfer> transfers,
        List<Battery> batteries,
        List<Program> programs,
        List<Protocol> protocols,
        OwnExercises own) {

    public Bundle {
        sources = List.copyOf(sources);
        measures = List.copyOf(measures);
        redFlags = List.copyOf(redFlags);
        ladders = List.copyOf(ladders);
        activities = List.copyOf(activities);
        sets = List.copyOf(sets);
        shapes = Map.copyOf(shapes);
        transfers = List.copyOf(transfers);
        batteries = List.copyOf(batteries);
        programs = List.copyOf(programs);
        protocols = List.copyOf(protocols);
    }

    /** By the id of an exercise the ids of what a clinic made from it. */
    public Map<String, Set<String>> madeFrom() {
        return own.byModel();
    }

    /** The same with a protocol, in place of one of the same id, to be looked at; what is published is read as a whole. */
    Bundle with(Protocol protocol, List<Measure> known, List<SourceText> withIts) {
        List<Protocol> more = new ArrayList<>(protocols);
        more.removeIf(each -> each.id().equals(protocol.id()));
        more.add(protocol);
        return new Bundle(
                hash + "+" + protocol.id(),
                withIts,
                known,
                redFlags,
                ladders,
                activities,
                sets,
                shapes,
                transfers,
                batteries,
                programs,
                more,
                own);
    }

    /** A bundle as it is published. */
    Bundle(
            String hash,
            List<SourceText> sources,
            List<Measure> measures,
            List<RedFlag> redFlags,
            List<Ladder> ladders,
            List<Activity> activities,
            List<ExerciseSet> sets,
            Map<String, Shape> shapes,
            List<Transfer> transfers,
            List<Battery> batteries,
            List<Program> programs,
            List<Protocol> protocols) {
        this(
                hash,
                sources,
                measures,
                redFlags,
                ladders,
                activities,
                sets,
                shapes,
                transfers,
                batteries,
                programs,
                protocols,
                OwnExercises.NONE);
    }

    /**
     * Reads a bundle.
     *
     * @throws waypost.library.text.RefusedException with every problem in every file
     */
    public static Bundle read(List<SourceText> sources) {
        List<SourceText> sorted =
                sources.stream().sorted(Comparator.comparing(SourceText::file)).toList();
        return new BundleReader().read(sorted, hashOf(sorted));
    }

    private static String hashOf(List<SourceText> sources) {
        try {
            MessageDigest digest = MessageDigest.getInstance("SHA-256");
            for (SourceText source : sources) {
                digest.update(source.file().getBytes(StandardCharsets.UTF_8));
                digest.update((byte) 0);
                digest.update(source.text().getBytes(StandardCharsets.UTF_8));
                digest.update((byte) 0);
            }
            return HexFormat.of().formatHex(digest.digest());
        } catch (NoSuchAlgorithmException missing) {
            throw new IllegalStateException("SHA-256 is part of every Java platform", missing);
        }
    }

    public Protocol protocol(String id) {
        return protocols.stream()
                .filter(p -> p.id().equals(id))
                .findFirst()
                .orElseThrow(() -> new IllegalArgumentException("protocol: "
                        + Suggestion.oneOf(
                                id, protocols.stream().map(Protocol::id).toList())));
    }

    public Optional<Protocol> findProtocol(String id) {
        return protocols.stream().filter(p -> p.id().equals(id)).findFirst();
    }

    public Measure measure(String id) {
        return findMeasure(id)
                .orElseThrow(() -> new IllegalArgumentException("measure: "
                        + Suggestion.oneOf(
                                id, measures.stream().map(Measure::id).toList())));
    }

    public Optional<Measure> findMeasure(String id) {
        return measures.stream().filter(m -> m.id().equals(id)).findFirst();
    }

    /** The tests of return of a protocol; empty where nobody returns to sport. */
    public Optional<Battery> battery(Protocol protocol) {
        return protocol.followUp()
                .battery()
                .flatMap(id -> batteries.stream()
                        .filter(battery -> battery.id().equals(id))
                        .findFirst());
    }

    public Optional<Activity> findActivity(String id) {
        return activities.stream().filter(a -> a.id().equals(id)).findFirst();
    }

    /** What a session of an exercise looks like; empty where nothing of it is counted or called. */
    public Optional<Shape> shape(String exercise) {
        return Optional.ofNullable(shapes.get(exercise));
    }
}
