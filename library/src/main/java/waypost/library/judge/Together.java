package waypost.library.judge;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import waypost.core.care.Episode;
import waypost.core.care.JointVerdict;
import waypost.core.care.Person;
import waypost.core.course.Outlook;
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

    static List<Together> of(List<Episode> episodes, LocalDate date, LocalDate known, Outlook outlook, Bundle bundle) {
        Person person = Person.of(episodes);
        List<JointVerdict> joint = person.on(date, known, outlook);
        List<Together> all = new ArrayList<>();
        for (Episode episode : person.running()) {
            List<Decided> decided = joint.stream()
                    .filter(v -> v.said().get(0).episode().equals(episode.id())
                            && v.kind() != v.said().get(0).verdict().kind())
                    .map(Together::decided)
                    .toList();
            all.add(new Together(
                    Judgement.of(episode.id(), episode.course().on(date, known, outlook), bundle), decided));
        }
        return all;
    }

    private static Decided decided(JointVerdict verdict) {
        String by = verdict.said().stream()
                .filter(said -> said.verdict().kind() == verdict.kind())
                .map(JointVerdict.Said::episode)
                .findFirst()
                .orElseThrow();
        return new Decided(
                verdict.role().activity(),
                verdict.role().role(),
                verdict.side().name().toLowerCase(Locale.ROOT),
                Terms.verdict(verdict.kind()),
                by);
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
