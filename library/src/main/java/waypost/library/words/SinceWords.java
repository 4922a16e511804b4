package waypost.library.words;

import java.time.LocalDate;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import waypost.core.body.Mode;
import waypost.core.compare.Difference;
import waypost.core.compare.Turned;
import waypost.core.course.NextPhase;
import waypost.core.course.Standing;
import waypost.core.measure.Measure;
import waypost.core.measure.Reading;

/** Says in one sentence what changed since a visit: what opened and closed, and what was measured anew. */
public final class SinceWords {

    private static final int IN_SIGHT = 2;

    private SinceWords() {}

    /** Such as "Since Sun 22 Nov: 2 opened, 1 closed; Knee flexion 125° to 131°." */
    public static String say(LocalDate visit, Difference difference) {
        int opened = difference.turned(Turned.Way.OPENS).size();
        int closed = difference.turned(Turned.Way.CLOSES).size();
        String turned = opened + closed == 0
                ? "nothing opened or closed"
                : Stream.of(opened > 0 ? opened + " opened" : "", closed > 0 ? closed + " closed" : "")
                        .filter(said -> !said.isEmpty())
                        .collect(Collectors.joining(", "));
        List<String> measured = measures(difference.after()).stream()
                .flatMap(measure -> change(measure, visit, difference.after()).stream())
                .toList();
        String more = measured.size() > IN_SIGHT ? ", " + (measured.size() - IN_SIGHT) + " more changed" : "";
        return "Since " + SignWords.date(visit) + ": " + turned
                + measured.stream().limit(IN_SIGHT).map(said -> "; " + said).collect(Collectors.joining()) + more + ".";
    }

    /** What the next phase asks for and the protocol expects. */
    private static Set<Measure> measures(Standing standing) {
        Set<Measure> measures = new LinkedHashSet<>();
        standing.next().map(NextPhase::milestones).orElse(List.of()).stream()
                .flatMap(milestone -> milestone.criterion().measures())
                .forEach(measures::add);
        standing.course().measures().stream()
                .filter(measure -> standing.course().resolved().followUp().corridors().stream()
                        .anyMatch(corridor -> corridor.measure().equals(measure.id())))
                .forEach(measures::add);
        return measures;
    }

    private static Optional<String> change(Measure measure, LocalDate visit, Standing standing) {
        Optional<Reading> now = latest(measure, standing.date(), standing);
        Optional<Reading> before = latest(measure, visit, standing);
        return now.filter(reading -> reading.date().isAfter(visit))
                .filter(reading -> before.map(old -> !old.amount().equals(reading.amount()))
                        .orElse(true))
                .map(reading -> measure.title() + " "
                        + before.map(old -> MilestoneWords.reading(measure, old.amount()) + " to ")
                                .orElse("")
                        + MilestoneWords.reading(measure, reading.amount()));
    }

    private static Optional<Reading> latest(Measure measure, LocalDate date, Standing standing) {
        Mode mode = measure.motion().isPresent() ? Mode.PASSIVE : Mode.ACTIVE;
        return standing.facts()
                .readings()
                .upTo(date)
                .latestStrict(measure.id(), standing.facts().side(), mode);
    }
}
