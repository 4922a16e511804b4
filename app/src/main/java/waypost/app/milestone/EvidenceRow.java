package waypost.app.milestone;

import java.util.Locale;
import java.util.Optional;
import waypost.core.course.Progress;
import waypost.core.measure.Plain;
import waypost.core.measure.Reading;
import waypost.core.milestone.Milestone;
import waypost.library.words.Dates;
import waypost.library.words.DoubtWords;
import waypost.library.words.MilestoneWords;
import waypost.library.words.NextStepWords;
import waypost.library.words.ProgressWords;

/**
 * A milestone as the evidence table shows it, and as it is stored with a decision.
 *
 * @param shape the state as a class of the style sheet
 * @param required what is asked for
 * @param latest the number found and its day; empty without one
 * @param how the tool and who measured
 * @param error the tool's error, where it has one
 * @param moves forecast or plateau; empty where the readings tell neither
 * @param next what to do
 */
public record EvidenceRow(
        String shape,
        String state,
        String required,
        String says,
        String latest,
        String how,
        String error,
        String moves,
        String next) {

    static EvidenceRow of(Milestone milestone, Optional<Progress> progress, Dates dates) {
        Optional<Reading> reading = milestone.evidence().stream().findFirst();
        return new EvidenceRow(
                milestone.state().name().toLowerCase(Locale.ROOT).replace('_', '-'),
                MilestoneWords.state(milestone),
                milestone.criterion().title(),
                new MilestoneWords(dates).say(milestone),
                milestone
                        .found()
                        .flatMap(found -> reading.map(
                                on -> MilestoneWords.foundIn(milestone, found) + ", " + Dates.say(on.date())))
                        .orElse(""),
                reading.map(on -> DoubtWords.howTaken(on) + ", " + on.rater()).orElse(""),
                reading.flatMap(on -> milestone
                                .criterion()
                                .measures()
                                .findFirst()
                                .filter(measure -> measure.errorOf(on) > 0)
                                .map(measure -> "± " + Plain.number(measure.errorOf(on))
                                        + measure.unit().suffix()))
                        .orElse(""),
                progress.map(ProgressWords::say).orElse(""),
                new NextStepWords(dates).say(milestone, progress));
    }

    /** The row as one line of what is stored. */
    String line() {
        return required + ": " + state + ". " + says
                + (latest.isEmpty() ? "" : " [" + latest + "; " + how + (error.isEmpty() ? "" : "; " + error) + "]")
                + (moves.isEmpty() ? "" : " " + moves);
    }
}
