package waypost.library.judge;

import java.util.List;
import java.util.Locale;
import java.util.Optional;
import waypost.core.course.Standing;
import waypost.core.gate.Verdict;
import waypost.core.reason.Reason;
import waypost.core.reason.VerdictKind;
import waypost.core.visit.Visit;
import waypost.library.bundle.Bundle;
import waypost.library.words.Terms;

/**
 * One course of a person with several: what it says itself, and where another course closes or limits more.
 *
 * @param together roles on which another course decides
 */
record Together(Judgement course, List<Decided> together) {

    /** A role that another course leaves less open than this one. */
    record Decided(String activity, String role, String side, String verdict, String decidedBy) {}

    /** One course of a person on the day of a visit. */
    static Together of(String id, Visit visit, Bundle bundle) {
        Standing standing = visit.standing();
        String side = standing.facts().side().name().toLowerCase(Locale.ROOT);
        List<Decided> decided = standing.verdicts().stream()
                .filter(verdict -> standing.course()
                        .speaksOf(bundle.findActivity(verdict.role().activity()).orElseThrow()))
                .flatMap(verdict -> decidedElsewhere(verdict).stream()
                        .map(course -> new Decided(
                                verdict.role().activity(),
                                verdict.role().role(),
                                side,
                                Terms.verdict(verdict.kind()),
                                course)))
                .toList();
        return new Together(Judgement.of(id, visit, bundle), decided);
    }

    /** The course that closes or limits more than this one does itself, if one does. */
    private static Optional<String> decidedElsewhere(Verdict verdict) {
        VerdictKind own = verdict.reasons().stream()
                .filter(reason -> !(reason instanceof Reason.InOtherCourse))
                .map(Reason::kind)
                .reduce(VerdictKind.OPEN, VerdictKind::worse);
        return verdict.reasons().stream()
                .filter(reason -> own != verdict.kind() && reason.kind() == verdict.kind())
                .filter(Reason.InOtherCourse.class::isInstance)
                .map(reason -> ((Reason.InOtherCourse) reason).course().id())
                .findFirst();
    }

    String text() {
        StringBuilder text = new StringBuilder(JudgementText.of(course));
        text.append("\nTogether with the other courses\n");
        together.forEach(d -> text.append(String.format(
                Locale.ROOT,
                "%-18s %s/%s, %s side, by %s%n",
                d.verdict().toUpperCase(Locale.ROOT),
                d.activity(),
                d.role(),
                d.side(),
                d.decidedBy())));
        return text.toString();
    }
}
