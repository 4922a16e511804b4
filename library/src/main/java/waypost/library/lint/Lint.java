package waypost.library.lint;

import java.util.Comparator;
import java.util.List;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import waypost.core.protocol.Protocol;
import waypost.library.bundle.Bundle;

/** Looks through a library for everything in {@link Check}. */
public final class Lint {

    private Lint() {}

    /** Every finding, by file and line. */
    public static List<Finding> of(Bundle bundle) {
        Places places = Places.of(bundle);
        Stream<Finding> protocols = bundle.protocols().stream().flatMap(protocol -> of(protocol, bundle, places));
        Stream<Finding> exercises = new ExerciseChecks(bundle, places).findings();
        Stream<Finding> copies = new RuleCopies(bundle, places).findings();
        return Stream.of(protocols, exercises, copies)
                .flatMap(findings -> findings)
                .distinct()
                .sorted(Comparator.comparing(Finding::file).thenComparing(Finding::line))
                .toList();
    }

    /** What is found in one protocol, by line. */
    public static List<Finding> of(Protocol protocol, Bundle bundle) {
        return of(protocol, bundle, Places.of(bundle))
                .distinct()
                .sorted(Comparator.comparing(Finding::file).thenComparing(Finding::line))
                .toList();
    }

    /** What is found in one protocol and not in the one that it stands on, by line. */
    public static List<Finding> beyond(Protocol base, Protocol own, Bundle bundle) {
        Places places = Places.of(bundle);
        Set<String> known = of(base, bundle, places).map(Lint::said).collect(Collectors.toSet());
        return of(own, bundle, places)
                .filter(finding -> !known.contains(said(finding)))
                .distinct()
                .sorted(Comparator.comparing(Finding::file).thenComparing(Finding::line))
                .toList();
    }

    private static String said(Finding finding) {
        return finding.rule() + ": " + finding.says();
    }

    private static Stream<Finding> of(Protocol protocol, Bundle bundle, Places places) {
        return Stream.of(
                        new PhaseChecks(protocol, places).findings(),
                        new LimitChecks(protocol, places).findings(),
                        new NeedChecks(protocol, places).findings(),
                        new QuestionChecks(protocol, bundle, places).findings(),
                        PlainChecks.of(protocol, places).findings(),
                        OpeningChecks.of(protocol, bundle, places).findings(),
                        MilestoneChecks.of(protocol, bundle, places).findings())
                .flatMap(findings -> findings);
    }
}
