package waypost.library.secondjudge;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import java.util.TreeSet;
import java.util.stream.Stream;
import waypost.core.exercise.Activity;
import waypost.core.exercise.Arranged;
import waypost.core.exercise.Role;
import waypost.core.gate.Facts;
import waypost.core.gate.Gate;
import waypost.core.gate.Verdict;
import waypost.core.reason.Reason;
import waypost.core.reason.Uncovered;
import waypost.core.resolved.Resolver;
import waypost.core.time.CourseDay;
import waypost.library.bundle.Bundle;
import waypost.library.bundle.ShippedLibrary;
import waypost.library.bundle.SourceText;

/** Holds the gate against the second judge, course by course. */
public final class Agreement {

    private static final Bundle HARD = readWithHardCases();

    private long cases;
    private long gateNanos;
    private long secondNanos;

    /** The first disagreement over so many generated courses, or an empty text. */
    public static String firstDisagreement(int courses) {
        return new Agreement().over(courses);
    }

    String over(int courses) {
        for (int seed = 0; seed < courses; seed++) {
            String found = in(GeneratedCourse.of(HARD, seed));
            if (!found.isEmpty()) {
                return "seed " + seed + ": " + found;
            }
        }
        return "";
    }

    /** The shipped library and a made-up protocol that strains every part of the language. */
    static Bundle withHardCases() {
        return HARD;
    }

    private static Bundle readWithHardCases() {
        List<SourceText> sources = new ArrayList<>(ShippedLibrary.sources());
        for (String file : List.of("hard-exercises.yaml", "hard-protocol.yaml")) {
            try (var in = Agreement.class.getResourceAsStream("/faults/" + file)) {
                sources.add(new SourceText(file, new String(in.readAllBytes(), StandardCharsets.UTF_8)));
            } catch (IOException unreadable) {
                throw new UncheckedIOException(unreadable);
            }
        }
        return Bundle.read(sources);
    }

    /** How many times role, course and date were judged by both. */
    long cases() {
        return cases;
    }

    /** How many times as long the second judge took. */
    double slower() {
        return (double) secondNanos / gateNanos;
    }

    private String in(GeneratedCourse course) {
        try {
            return compared(course);
        } catch (RuntimeException failed) {
            return failed.toString();
        }
    }

    private String compared(GeneratedCourse course) {
        long start = System.nanoTime();
        Gate gate = Gate.of(
                Resolver.resolve(course.protocol(), course.answers(), course.clocks(), course.decisions()),
                course.bundle().activities(),
                course.bundle().measures());
        Facts facts = facts(course);
        gateNanos += System.nanoTime() - start;
        start = System.nanoTime();
        SecondJudge second = new SecondJudge(course);
        secondNanos += System.nanoTime() - start;
        for (Activity activity : course.bundle().activities()) {
            for (Role role : forms(activity, course.date().toEpochDay())) {
                start = System.nanoTime();
                Verdict verdict = activity.roles().contains(role)
                        ? gate.judge(role.key(), facts)
                        : gate.judgeAltered(role, facts);
                long between = System.nanoTime();
                SecondJudge.Opinion opinion = second.judge(role);
                gateNanos += between - start;
                secondNanos += System.nanoTime() - between;
                cases++;
                Set<String> against = against(verdict);
                if (!verdict.kind().name().equals(opinion.kind()) || !against.equals(opinion.against())) {
                    return course.protocol().id() + " " + role.key() + " on " + course.date() + ": the gate says "
                            + verdict.kind() + " " + against + ", the second judge " + opinion.kind() + " "
                            + opinion.against();
                }
            }
        }
        return "";
    }

    /** Its roles as they are written, and as they are in one other set-up, by turns. */
    private static List<Role> forms(Activity activity, long turn) {
        List<Arranged> ways = List.copyOf(activity.setUps().ways().values());
        Stream<Role> arranged = ways.isEmpty() ? Stream.of() : ways.get((int) (turn % ways.size())).roles().stream();
        return Stream.concat(activity.roles().stream(), arranged).distinct().toList();
    }

    static Facts facts(GeneratedCourse course) {
        return new Facts(
                CourseDay.between(course.dayZero(), course.date()),
                course.date(),
                course.side(),
                course.phase(),
                course.met(),
                course.holds(),
                List.of(),
                course.unlooked(),
                course.readings(),
                course.assumeRange());
    }

    static Set<String> against(Verdict verdict) {
        Set<String> against = new TreeSet<>();
        for (Reason reason : verdict.reasons()) {
            against.add(reason.ruleId().orElseGet(() -> named(reason)));
        }
        return against;
    }

    static String named(Reason reason) {
        if (reason instanceof Reason.OnHold) {
            return "hold";
        }
        if (reason instanceof Reason.NotLookedAfter) {
            return "not-looked-after";
        }
        return reason instanceof Uncovered.NotCovered
                        || reason instanceof Uncovered.AsksBesides
                        || reason instanceof Uncovered.AsksMore
                ? "not-covered"
                : "range";
    }
}
