package waypost.library.words;

import java.util.Optional;
import java.util.stream.Collectors;
import waypost.core.body.Arc;
import waypost.core.measure.Plain;
import waypost.core.protocol.Provenance;
import waypost.core.protocol.Reason;
import waypost.core.question.Question;
import waypost.core.resolved.Resolved;
import waypost.core.time.CourseDay;

/** Says every kind of reason for one course. */
public final class Words implements Reason.Visitor<Said> {

    private final Resolved resolved;
    private final Dates dates;

    private Words(Resolved resolved) {
        this.resolved = resolved;
        this.dates = new Dates(resolved.dayZero());
    }

    public static Words of(Resolved resolved) {
        return new Words(resolved);
    }

    public Said say(Reason reason) {
        return reason.accept(this);
    }

    public Dates dates() {
        return dates;
    }

    @Override
    public Said motion(Reason.MotionExceeded reason) {
        Arc asked = reason.asked().arc();
        String sentence = reason.allowed()
                .most()
                .map(allowed -> reason.reducible() ? cut(allowed, asked) : beyond(allowed, asked))
                .orElseGet(() -> "No " + Terms.working(reason.asked()) + " like this; " + Terms.arc(asked) + " asked.");
        return new Said(sentence, until(reason.until()), source(reason.rule()));
    }

    private static String cut(Arc allowed, Arc asked) {
        boolean fromBelow = allowed.least().compareTo(asked.least()) > 0;
        boolean fromAbove = allowed.most().compareTo(asked.most()) < 0;
        if (fromBelow) {
            String to = fromAbove ? Terms.degrees(allowed.most()) : Terms.degrees(asked.most());
            return "Stay between " + Terms.degrees(allowed.least()) + " and " + to + "; " + Terms.arc(asked)
                    + " asked.";
        }
        return "Stop at " + Terms.degrees(allowed.most()) + "; " + Terms.degrees(asked.most()) + " asked.";
    }

    private static String beyond(Arc allowed, Arc asked) {
        boolean fromAbove = allowed.most().compareTo(asked.most()) < 0;
        return fromAbove
                ? "At most " + Terms.degrees(allowed.most()) + " is allowed; " + Terms.degrees(asked.most())
                        + " asked, and the exercise can't be cut to that."
                : "At least " + Terms.degrees(allowed.least()) + " is allowed; " + Terms.degrees(asked.least())
                        + " asked, and the exercise can't be cut to that.";
    }

    @Override
    public Said loading(Reason.LoadingExceeded reason) {
        String most = reason.allowed().most().map(Terms::loading).orElse("no load");
        String sentence = "At most " + most + " in " + Terms.working(reason.asked()) + "; "
                + Terms.loading(reason.asked().loading()) + " asked.";
        return new Said(sentence, until(reason.until()), source(reason.rule()));
    }

    @Override
    public Said tissue(Reason.TissueExceeded reason) {
        String tissue = Terms.plain(reason.asked().tissue());
        String mode = Terms.plain(reason.asked().mode());
        String sentence = reason.allowed()
                        .most()
                        .map(level -> "At most " + Terms.effort(level) + " for the " + tissue + " (" + mode + "); ")
                        .orElse("No " + mode + " effort for the " + tissue + "; ")
                + Terms.effort(reason.asked().effort()) + " asked.";
        return new Said(sentence, until(reason.until()), source(reason.rule()));
    }

    @Override
    public Said bearing(Reason.BearingExceeded reason) {
        String most = reason.allowed().most().map(Terms::share).orElse("no weight");
        String sentence = "At most " + most + " on the operated leg; "
                + Terms.share(reason.asked().share()) + " asked.";
        return new Said(sentence, until(reason.until()), source(reason.rule()));
    }

    @Override
    public Said strain(Reason.StrainExceeded reason) {
        String kind = Terms.plain(reason.asked().kind());
        String most = reason.allowed().most().map(Terms::plain).orElse("no");
        String sentence = "At most " + most + " " + kind + "; "
                + Terms.plain(reason.asked().level()) + " " + kind + " asked.";
        return new Said(sentence.replace("At most no ", "No "), until(reason.until()), source(reason.rule()));
    }

    @Override
    public Said onHold(Reason.OnHold reason) {
        return new Said(
                "On hold since " + Dates.say(reason.hold().from()) + ": "
                        + reason.hold().why() + ".",
                "Review on " + Dates.say(reason.hold().review()) + ".",
                "Hold placed by " + reason.hold().by());
    }

    @Override
    public Said notCovered(Reason.NotCovered reason) {
        String ask = reason.unanswered().stream()
                .map(id -> resolved.protocol().question(id).prompt())
                .collect(Collectors.joining(" "));
        return new Said(
                ask.isEmpty()
                        ? "The protocol says nothing about this, so it stays closed."
                        : "Covered only under some answers that are still open.",
                ask.isEmpty() ? "Ask the surgeon: may this be done, and from when?" : "Ask the surgeon: " + ask,
                reason.protocol());
    }

    @Override
    public Said beforeDay(Reason.BeforeDay reason) {
        return new Said("Opens " + dates.say(reason.opens()) + ".", "", source(reason.rule()));
    }

    @Override
    public Said phase(Reason.PhaseNotSigned reason) {
        return new Said(
                "Belongs to the phase \"" + reason.wanted().title() + "\"; signed so far: \""
                        + reason.signed().title() + "\".",
                "Opens when that phase is signed.",
                source(reason.rule()));
    }

    @Override
    public Said milestone(Reason.MilestoneNotMet reason) {
        return new Said("Needs: " + reason.criterion().title() + ".", "Opens when it is met.", source(reason.rule()));
    }

    @Override
    public Said rangeShort(Reason.RangeShort reason) {
        double missing = reason.needed().above(reason.found());
        String sentence = reason.reducible()
                ? "Stop at " + Terms.degrees(reason.found()) + ", the range that is there; "
                        + Terms.degrees(reason.needed()) + " needed for the whole movement."
                : "Needs " + Terms.degrees(reason.needed()) + " of " + Terms.bend(reason.motion()) + "; "
                        + Terms.degrees(reason.found()) + " measured, " + Plain.number(missing) + "° missing.";
        return new Said(sentence, "Measured " + Dates.say(reason.measuredOn()) + ".", "Range needed");
    }

    @Override
    public Said rangeUnknown(Reason.RangeUnknown reason) {
        String needed = "Needs " + Terms.degrees(reason.needed()) + " of " + Terms.bend(reason.motion());
        String sentence = reason.lastOn()
                .map(on -> needed + "; last measured " + Dates.say(on) + ", which counts for " + reason.validDays()
                        + " days.")
                .orElse(needed + "; not measured yet.");
        return new Said(sentence, "Measure it.", "Range needed");
    }

    /** The day on which a limit changes, said with its count of weeks. */
    public String until(Optional<CourseDay> day) {
        return day.map(d -> "Until " + dates.say(d) + ".").orElse("");
    }

    /** Where a rule comes from, with the answers that keep it in force. */
    public String source(Provenance rule) {
        String because = rule.because().stream().map(this::because).collect(Collectors.joining("; "));
        String surgeon = rule.surgeonOnly() ? " Surgeon only." : "";
        return rule.title() + " · " + rule.source() + (because.isEmpty() ? "" : " · " + because) + "." + surgeon;
    }

    private String because(Provenance.Because because) {
        Question question = resolved.protocol().question(because.question());
        String values = because.values().stream().map(question::titleOf).collect(Collectors.joining(" or "));
        if (resolved.answers().usesDefault(question)) {
            return "school by default: " + values;
        }
        return because.certain()
                ? plainName(because.question()) + ": " + values
                : plainName(because.question()) + " not stated: the stricter rule applies";
    }

    /** A question's id as words: "meniscus-repair" is said "meniscus repair". */
    public static String plainName(String id) {
        return id.replace('-', ' ');
    }
}
