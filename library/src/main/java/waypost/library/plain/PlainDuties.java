package waypost.library.plain;

import java.util.List;
import java.util.Optional;
import waypost.core.course.DutyStatus;
import waypost.core.protocol.Duty;
import waypost.core.protocol.Frequency;

/** Tells a patient what to wear, practise, begin and reach. */
public record PlainDuties(PlainRules rules, PlainGoals goals, PlainExercises exercises)
        implements DutyStatus.Visitor<Told> {

    public Told say(DutyStatus status) {
        return status.accept(this);
    }

    /** What is worn, and how; where nobody has put it plainly, in the rule's own words. */
    public String worn(Duty.Wear duty, String setting) {
        return words().find("wear." + PlainText.key(duty.item()) + "." + PlainText.key(setting))
                .orElseGet(() -> duty.item() + ": " + setting + ".");
    }

    /** How an activity is set up. */
    public String setUp(String way) {
        return words().find("setup." + PlainText.key(way)).orElseGet(() -> words().say("setup.other"));
    }

    private PlainText words() {
        return rules.words();
    }

    @Override
    public Told worn(DutyStatus.Worn status) {
        if (status.conflict()) {
            return Told.of(words().say("wear.unclear"));
        }
        return new Told(
                worn(status.duty(), status.setting()),
                Optional.of(
                        rules.dates().until(status.until(), status.duty().head().forGood())),
                rules.why(status.duty().head(), status.from()));
    }

    @Override
    public Told practise(DutyStatus.ToPractise status) {
        return new Told(
                words().say("practise", exercises.title(status.duty().activity()), often(status.often())),
                status.until().map(day -> rules.dates().until(Optional.of(day), false)),
                rules.why(status.duty().head(), status.from()));
    }

    /** "3 times a day". */
    public String often(Frequency often) {
        String key = "often." + PlainText.key(often.per());
        return often.times() == 1 ? words().say(key + ".1") : words().say(key, often.times());
    }

    @Override
    public Told begin(DutyStatus.ToBegin status) {
        List<String> any = status.duty().activities().stream()
                .map(exercises::title)
                .sorted()
                .toList();
        String by = rules.dates().say(status.by());
        boolean now = status.overdue();
        if (any.size() == 1) {
            return Told.of(now ? words().say("begin.now", any.get(0)) : words().say("begin", by, any.get(0)));
        }
        String oneOf = now ? words().say("begin.now.one-of") : words().say("begin.one-of", by);
        return Told.of(oneOf + PlainExercises.listed(any));
    }

    @Override
    public Told due(DutyStatus.Due status) {
        String goal = String.join(" ", goals.say(status.milestone().criterion()));
        return Told.of(
                status.overdue()
                        ? words().say("reached.now", goal)
                        : words().say("reached.by", rules.dates().say(status.by()), goal));
    }

    @Override
    public Told heldTooLong(DutyStatus.HeldTooLong status) {
        return Told.of(words().say("held.too-long"));
    }
}
