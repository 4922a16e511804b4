package waypost.app.measure;

import static waypost.core.measure.Plain.number;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.Collectors;
import waypost.app.entry.Entered;
import waypost.core.function.ReachBalance;
import waypost.core.measure.Measure;
import waypost.core.measure.Questionnaire;
import waypost.core.strength.Force;
import waypost.core.strength.LeverArm;
import waypost.core.strength.Torque;
import waypost.core.strength.Trials;
import waypost.library.words.SpokenReading;

/** Works a value out of what was taken: trials into a torque, reaches into a composite, answers into a score. */
final class Workings {

    private Workings() {}

    /** The value of an entry, or a refusal that says what was found and what is allowed. */
    static Worked of(Measure measure, SheetEntry entry) {
        return switch (measure.taken().method()) {
            case FORCE -> hasTrials(entry) ? force(measure, entry) : readOff(measure, entry);
            case GRIP, DISTANCE, STOPWATCH -> hasTrials(entry) ? trials(measure, entry) : readOff(measure, entry);
            case REACHES -> entry.answer() == null ? readOff(measure, entry) : reaches(measure, entry);
            case QUESTIONNAIRE -> entry.answer() == null ? readOff(measure, entry) : answers(measure, entry);
            case ANGLE, COUNTER, GRADE, SEEN, RATING, TAPE, DERIVED, NUMBER -> readOff(measure, entry);
        };
    }

    private static boolean hasTrials(SheetEntry entry) {
        return !SheetEntry.numbers("trial", entry.trial()).isEmpty();
    }

    private static Worked readOff(Measure measure, SheetEntry entry) {
        return Worked.readOff(SpokenReading.parse(measure, SheetEntry.text(entry.said())));
    }

    private static Worked force(Measure measure, SheetEntry entry) {
        Force.Unit unit = SheetEntry.text(entry.unit()).isEmpty()
                ? Force.Unit.NEWTON
                : Entered.choice(Force.Unit.class, "unit", SheetEntry.text(entry.unit()));
        Trials trials = new Trials(SheetEntry.numbers("trial", entry.trial()));
        LeverArm arm = LeverArm.ofCentimetres(SheetEntry.number("lever arm", entry.lever()));
        double chosen = trials.chosen(choice(entry), false);
        Torque torque = Torque.of(Force.of(chosen, unit), arm);
        String working = said(trials, entry, unit.symbol()) + " × " + number(arm.metres() * 100) + " cm";
        return new Worked(measure.amount(torque.newtonMetres()), working, apart(trials));
    }

    private static Worked trials(Measure measure, SheetEntry entry) {
        Trials trials = new Trials(SheetEntry.numbers("trial", entry.trial()));
        double chosen = trials.chosen(choice(entry), measure.better() == Measure.Better.LOWER);
        return new Worked(
                measure.amount(chosen),
                trials.values().size() == 1
                        ? ""
                        : said(trials, entry, measure.unit().suffix().strip()),
                apart(trials));
    }

    private static Trials.Choice choice(SheetEntry entry) {
        return SheetEntry.text(entry.choice()).isEmpty()
                ? Trials.Choice.BEST
                : Entered.choice(Trials.Choice.class, "choice", SheetEntry.text(entry.choice()));
    }

    private static String said(Trials trials, SheetEntry entry, String unit) {
        String all = trials.values().stream().map(value -> number(value)).collect(Collectors.joining(", "));
        return (choice(entry) == Trials.Choice.MEAN ? "mean of " : "best of ") + all + " " + unit;
    }

    private static List<String> apart(Trials trials) {
        return trials.agree()
                ? List.of()
                : List.of("The trials are " + number(trials.spreadPercent()) + " % apart, wanted within "
                        + number(Trials.MOST_SPREAD_PERCENT) + " %: repeat.");
    }

    private static Worked reaches(Measure measure, SheetEntry entry) {
        List<Double> reaches = SheetEntry.numbers("reach", entry.answer());
        if (reaches.size() != 3) {
            throw new IllegalArgumentException(
                    "reaches: found " + reaches.size() + ", allowed: all three directions in centimetres");
        }
        double leg = SheetEntry.number("leg length", entry.leg());
        double percent = new ReachBalance(reaches.get(0), reaches.get(1), reaches.get(2)).compositePercent(leg);
        String working = "reaches " + number(reaches.get(0)) + ", " + number(reaches.get(1)) + ", "
                + number(reaches.get(2)) + " cm, leg " + number(leg) + " cm";
        return new Worked(measure.amount(percent), working, List.of());
    }

    private static Worked answers(Measure measure, SheetEntry entry) {
        Questionnaire questionnaire = measure.taken().questionnaire().orElseThrow();
        List<String> typed = entry.answer() == null ? List.of() : entry.answer();
        List<Optional<Integer>> answers = new ArrayList<>();
        for (String answer : typed) {
            answers.add(answer.isBlank() ? Optional.empty() : Optional.of(whole(answer)));
        }
        double score = questionnaire.score(answers);
        long given = answers.stream().filter(Optional::isPresent).count();
        return new Worked(
                measure.amount(score),
                given + " of " + questionnaire.items() + " answered: " + String.join(" ", blanksAsDash(typed)),
                List.of());
    }

    private static List<String> blanksAsDash(List<String> typed) {
        return typed.stream()
                .map(answer -> answer.isBlank() ? "–" : answer.strip())
                .toList();
    }

    private static int whole(String answer) {
        try {
            return Integer.parseInt(answer.strip());
        } catch (NumberFormatException notWhole) {
            throw new IllegalArgumentException(
                    "answers: found '" + answer.strip() + "', allowed: a whole number", notWhole);
        }
    }
}
