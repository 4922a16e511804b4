package waypost.library.plain;

import java.util.List;
import java.util.stream.Stream;
import waypost.core.body.Direction;
import waypost.core.criterion.Criterion;
import waypost.core.measure.Amount;
import waypost.core.measure.Measure;

/** Tells a patient what it takes to go on: a sentence each, for several together first how many of them count. */
public record PlainGoals(PlainText words, PlainExercises exercises) implements Criterion.Visitor<List<String>> {

    public List<String> say(Criterion criterion) {
        return words.find("milestone." + criterion.id()).map(List::of).orElseGet(() -> criterion.accept(this));
    }

    /** What is measured, or seen, by its own name; that of the library where nobody has put it plainly. */
    public String name(Measure measure) {
        return words.find("measure." + measure.id()).orElse(measure.title());
    }

    private String amount(Measure measure, double value) {
        return words.say("unit." + PlainText.key(measure.unit()), words.number(value));
    }

    @Override
    public List<String> reach(Criterion.Reach criterion) {
        return List.of(bound(criterion.measure(), criterion.bound()));
    }

    /** A range at the negative end of its axis is counted from neutral: past it, to it, or short of it. */
    private String bound(Measure measure, Amount bound) {
        double value = bound.value();
        if (measure.end().filter(end -> end == Direction.NEGATIVE).isPresent()) {
            String key = value > 0 ? "goal.short" : value < 0 ? "goal.least" : "goal.whole";
            return words.say(key, name(measure), amount(measure, Math.abs(value)));
        }
        String key = measure.better() == Measure.Better.HIGHER ? "goal.least" : "goal.most";
        return words.say(key, name(measure), amount(measure, value));
    }

    @Override
    public List<String> noFurther(Criterion.NoFurther criterion) {
        double bound = Math.abs(criterion.bound().value());
        return List.of(words.say("goal.no-further", name(criterion.measure()), amount(criterion.measure(), bound)));
    }

    @Override
    public List<String> deficit(Criterion.Deficit criterion) {
        String key =
                criterion.against() == Criterion.Deficit.Against.OTHER_SIDE ? "goal.deficit" : "goal.deficit.before";
        Measure measure = criterion.measure();
        return List.of(
                words.say(key, name(measure), amount(measure, criterion.most().value())));
    }

    @Override
    public List<String> symmetry(Criterion.SymmetryAtLeast criterion) {
        return List.of(words.say("goal.symmetry", name(criterion.measure()), words.number(criterion.percent())));
    }

    @Override
    public List<String> ratio(Criterion.RatioBetween criterion) {
        return List.of(words.say(
                "goal.ratio",
                name(criterion.measure()),
                name(criterion.divisor()),
                words.number(criterion.least()),
                words.number(criterion.most())));
    }

    @Override
    public List<String> observed(Criterion.Observed criterion) {
        return List.of(words.say("goal.observed", name(criterion.measure())));
    }

    @Override
    public List<String> attested(Criterion.Attested criterion) {
        return List.of(
                switch (criterion.kind()) {
                    case CLEARANCE -> words.say("goal.clearance");
                    case TAUGHT_BACK -> words.say("goal.taught");
                    case IMAGING_SEEN -> words.say("goal.imaging");
                });
    }

    @Override
    public List<String> tolerated(Criterion.Tolerated criterion) {
        List<String> any = criterion.activities().stream().map(exercises::title).toList();
        return List.of(words.say("goal.tolerated", words.number(criterion.sessions())) + PlainExercises.listed(any));
    }

    @Override
    public List<String> several(Criterion.Several criterion) {
        String count = criterion.wanted() == Criterion.Several.Wanted.ANY ? "goal.any" : "goal.all";
        return Stream.concat(
                        Stream.of(words.say(count)), criterion.parts().stream().flatMap(part -> say(part).stream()))
                .toList();
    }
}
