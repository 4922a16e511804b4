package waypost.library.plain;

import java.util.List;
import java.util.Optional;
import waypost.core.body.Direction;
import waypost.core.reason.NotYet;
import waypost.core.reason.Reason;
import waypost.core.reason.Uncovered;

/** Tells a patient why something is not open, or only in a certain way. */
public record PlainReasons(PlainRules rules, PlainGoals goals, PlainDuties duties)
        implements Reason.Visitor<List<String>> {

    public List<String> say(Reason reason) {
        return reason.accept(this);
    }

    private PlainText words() {
        return rules.words();
    }

    private List<String> words(String key, Object... arguments) {
        return List.of(words().say("reason." + key, arguments));
    }

    @Override
    public List<String> exceeded(Reason.Exceeded<?> reason) {
        boolean forGood = reason.limit().head().forGood();
        return new Told(
                        rules.what(reason.limit(), reason.allowed()),
                        Optional.of(rules.dates().until(reason.until(), forGood)),
                        rules.why(reason.limit().head(), reason.rule()))
                .all();
    }

    @Override
    public List<String> onHold(Reason.OnHold reason) {
        return words("hold." + PlainText.key(reason.hold().kind()));
    }

    @Override
    public List<String> notLookedAfter(Reason.NotLookedAfter reason) {
        return words("not-looked-after");
    }

    /** The other course counts its own days and has its own protocol. */
    @Override
    public List<String> inOtherCourse(Reason.InOtherCourse reason) {
        PlainDates dates = new PlainDates(words(), reason.course().dayZero());
        PlainRules others =
                new PlainRules(words(), dates, reason.course().protocol().id());
        PlainReasons theirs = new PlainReasons(others, goals, new PlainDuties(others, goals, duties.exercises()));
        return List.of(words().say("reason.other-course", String.join(" ", theirs.say(reason.reason()))));
    }

    @Override
    public List<String> noCommonForm(Reason.NoCommonForm reason) {
        return words("no-common-form");
    }

    @Override
    public List<String> afterHold(Reason.AfterHold reason) {
        return words("after-hold", rules.dates().say(reason.until()));
    }

    @Override
    public List<String> notCovered(Uncovered.NotCovered reason) {
        return words("not-covered");
    }

    @Override
    public List<String> asksBesides(Uncovered.AsksBesides reason) {
        return words("asks-more");
    }

    @Override
    public List<String> asksMore(Uncovered.AsksMore reason) {
        return words("asks-more");
    }

    @Override
    public List<String> setUpNeeded(Reason.SetUpNeeded reason) {
        return List.of(duties.setUp(reason.way()));
    }

    @Override
    public List<String> setUpUnclear(Uncovered.SetUpUnclear reason) {
        return words("setup-unclear");
    }

    @Override
    public List<String> beforeDay(NotYet.BeforeDay reason) {
        return words("before-day", rules.dates().say(reason.opens()));
    }

    @Override
    public List<String> over(Uncovered.Over reason) {
        return words("over");
    }

    @Override
    public List<String> clockNotStarted(NotYet.ClockNotStarted reason) {
        return words("clock");
    }

    @Override
    public List<String> phase(NotYet.PhaseNotSigned reason) {
        return words("phase");
    }

    @Override
    public List<String> milestone(NotYet.MilestoneNotMet reason) {
        return goals.say(reason.criterion());
    }

    @Override
    public List<String> rangeShort(Reason.RangeShort reason) {
        return words(
                "range-short",
                PlainMotion.degrees(words(), reason.needed()),
                PlainMotion.degrees(words(), reason.found()));
    }

    @Override
    public List<String> rangeUnknown(NotYet.RangeUnknown reason) {
        Direction direction = reason.needed().value() < 0 ? Direction.NEGATIVE : Direction.POSITIVE;
        PlainMotion move = PlainMotion.of(words(), reason.motion(), direction);
        return words("range-unknown", move.verb(), move.object());
    }
}
