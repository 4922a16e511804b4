package waypost.library.words;

import java.time.LocalDate;
import java.util.Locale;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import waypost.core.gate.Verdict;
import waypost.core.limit.Authority;
import waypost.core.limit.Provenance;
import waypost.core.log.Event;
import waypost.core.measure.Plain;
import waypost.core.protocol.HoldRule;
import waypost.core.protocol.Protocol;
import waypost.core.question.Answers;
import waypost.core.question.Question;
import waypost.core.reason.NotYet;
import waypost.core.reason.OtherCourse;
import waypost.core.reason.Reason;
import waypost.core.reason.Uncovered;
import waypost.core.resolved.Resolved;
import waypost.core.time.CourseDay;

/** Says every kind of reason for one course. */
public final class Words implements Reason.Visitor<Said> {

    private final Protocol protocol;
    private final Answers answers;
    private final Dates dates;

    private Words(Protocol protocol, Answers answers, LocalDate dayZero) {
        this.protocol = protocol;
        this.answers = answers;
        this.dates = new Dates(dayZero);
    }

    public static Words of(Resolved resolved) {
        return new Words(resolved.protocol(), resolved.answers(), resolved.dayZero());
    }

    public Said say(Reason reason) {
        return reason.accept(this);
    }

    /** The reason that decides a verdict, with what would change it; empty for what is simply open. */
    public String why(Verdict verdict) {
        return verdict.reasons().stream()
                .filter(reason -> reason.kind() == verdict.kind())
                .findFirst()
                .map(reason -> say(reason).whole())
                .orElse("");
    }

    public Dates dates() {
        return dates;
    }

    @Override
    public Said exceeded(Reason.Exceeded<?> reason) {
        return new Said(ExceededWords.say(reason), change(reason), source(reason.rule()));
    }

    /** The day on which it changes, and what would change it sooner. */
    private String change(Reason.Exceeded<?> reason) {
        String until = until(reason.until());
        String criteria = reason.orOnceMet().stream()
                .map(id -> protocol.criterion(id).title())
                .collect(Collectors.joining(", "));
        if (criteria.isEmpty()) {
            return until.isEmpty() && reason.limit().head().forGood() ? "For good." : until;
        }
        return until.isEmpty() ? "Until met: " + criteria + "." : until + " Sooner once met: " + criteria + ".";
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
    public Said notLookedAfter(Reason.NotLookedAfter reason) {
        Event event = reason.event();
        return new Said(
                sentenceCase(plainName(event.clock())) + " on " + Dates.say(event.on()) + ", not looked after yet: "
                        + event.words() + ".",
                "Until somebody has: only carried motion and walking about, no tests.",
                "Put on record by " + event.by());
    }

    @Override
    public Said inOtherCourse(Reason.InOtherCourse reason) {
        OtherCourse course = reason.course();
        Said said = new Words(course.protocol(), course.answers(), course.dayZero()).say(reason.reason());
        String name = sentenceCase(name(course));
        return new Said(name + ": " + said.sentence(), said.change(), name + " · " + said.source());
    }

    @Override
    public Said noCommonForm(Reason.NoCommonForm reason) {
        return new Said(
                "No form of it serves every course: what one would allow another does not.",
                "Choose another exercise, or ask the surgeons.",
                reason.courses().stream().map(Words::name).collect(Collectors.joining("; ")));
    }

    /** A course as another course's page names it: "left side, knee replacement". */
    public static String name(OtherCourse course) {
        String title = course.protocol().title();
        return Terms.plain(course.side()) + " side, " + title.substring(0, 1).toLowerCase(Locale.ROOT)
                + title.substring(1);
    }

    @Override
    public Said afterHold(Reason.AfterHold reason) {
        HoldRule.ReEntry entry = reason.rule().reEntry().orElseThrow();
        return new Said(
                "Begin again at " + entry.percent() + " % of the last dose: on hold until "
                        + Dates.say(reason.until().minusDays(entry.days())) + " ("
                        + reason.hold().why() + ").",
                "Until " + Dates.say(reason.until()) + ".",
                "Hold placed by " + reason.hold().by());
    }

    @Override
    public Said setUpNeeded(Reason.SetUpNeeded reason) {
        return new Said("Set up: " + reason.way() + ".", until(reason.until()), source(reason.rule()));
    }

    @Override
    public Said setUpUnclear(Uncovered.SetUpUnclear reason) {
        String ask = reason.rule().because().stream()
                .map(because -> protocol.question(because.question()))
                .map(question -> question.whenUnknown().map(way -> way + " ").orElse("") + question.prompt())
                .collect(Collectors.joining(" "));
        return new Said(
                "How to set it up depends on an answer that is not known.",
                "Ask the surgeon: " + ask,
                source(reason.rule()));
    }

    @Override
    public Said clockNotStarted(NotYet.ClockNotStarted reason) {
        return new Said(
                "Counts from the " + plainName(reason.clock()) + " (" + reason.written() + "), which has not been.",
                "",
                source(reason.rule()));
    }

    @Override
    public Said notCovered(Uncovered.NotCovered reason) {
        String ask = reason.unanswered().stream()
                .map(id -> protocol.question(id).prompt())
                .collect(Collectors.joining(" "));
        return new Said(
                ask.isEmpty()
                        ? speaker(reason) + " says nothing about this, so it stays closed."
                        : "Covered only under some answers that are still open.",
                ask.isEmpty() ? "Ask the surgeon: may this be done, and from when?" : "Ask the surgeon: " + ask,
                reason.protocol());
    }

    private String speaker(Uncovered.NotCovered reason) {
        return reason.protocol().equals(protocol.face()) ? "The protocol" : reason.protocol();
    }

    @Override
    public Said asksBesides(Uncovered.AsksBesides reason) {
        return new Said(
                "Doing it also asks: " + AskedWords.say(reason.asked()) + ". Nothing that is open today asks as much.",
                "Opens with an exercise that does.",
                "Worked out from how it is done");
    }

    @Override
    public Said asksMore(Uncovered.AsksMore reason) {
        return new Said(
                "So changed it asks: " + AskedWords.say(reason.asked()) + ". Nothing that is open today asks as much.",
                "Opens with an exercise that does; as it is usually set up it is judged by itself.",
                "Worked out from how it is done");
    }

    @Override
    public Said beforeDay(NotYet.BeforeDay reason) {
        return new Said("Opens " + dates.say(reason.opens()) + ".", "", source(reason.rule()));
    }

    @Override
    public Said over(Uncovered.Over reason) {
        return new Said(
                "Covered only until " + dates.say(reason.since()) + ".",
                "Ask for an order if it should go on.",
                source(reason.rule()));
    }

    @Override
    public Said phase(NotYet.PhaseNotSigned reason) {
        return new Said(
                "Belongs to the phase \"" + reason.wanted().title() + "\"; signed so far: \""
                        + reason.signed().title() + "\".",
                "Opens when that phase is signed.",
                source(reason.rule()));
    }

    @Override
    public Said milestone(NotYet.MilestoneNotMet reason) {
        String day = reason.regardless()
                .map(from -> "Opens when it is met, or on " + dates.say(from) + ".")
                .orElse("Opens when it is met.");
        return new Said("Needs: " + reason.criterion().title() + ".", day, source(reason.rule()));
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
    public Said rangeUnknown(NotYet.RangeUnknown reason) {
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
        return rule.title() + " · " + authority(rule.authority()) + (because.isEmpty() ? "" : " · " + because) + "."
                + surgeon;
    }

    private static String authority(Authority authority) {
        if (authority instanceof Authority.FromOrder order) {
            return "order of " + order.surgeon() + ", " + Dates.say(order.given())
                    + (order.signed() ? "" : ", by phone");
        }
        if (authority instanceof Authority.FromTherapist therapist) {
            return "narrowed by " + therapist.therapist() + ", " + Dates.say(therapist.since()) + ": "
                    + therapist.why();
        }
        if (authority instanceof Authority.FromPart part) {
            return part.face() + ", part of " + part.protocol();
        }
        return ((Authority.FromProtocol) authority).face();
    }

    private String because(Provenance.Because because) {
        Question question = protocol.question(because.question());
        String values = because.values().stream().map(question::titleOf).collect(Collectors.joining(" or "));
        if (answers.usesDefault(question)) {
            return "school by default: " + values;
        }
        String asked = plainName(because.question());
        if (because.certain()) {
            return asked + ": " + values;
        }
        Set<String> partly = answers.stated().getOrDefault(because.question(), Set.of());
        String found = partly.isEmpty()
                ? asked + " not stated"
                : asked + ": "
                        + partly.stream().map(question::titleOf).sorted().collect(Collectors.joining(" or "))
                        + ", which of them is open";
        return found + ": the stricter rule applies";
    }

    /** A question's id as words: "meniscus-repair" is said "meniscus repair". */
    public static String plainName(String id) {
        return id.replace('-', ' ');
    }

    /** The same with a capital first letter. */
    public static String sentenceCase(String words) {
        return words.substring(0, 1).toUpperCase(Locale.ROOT) + words.substring(1);
    }

    /** The pain rule in force: "Pain while exercising: at most 4 of 10". */
    public static String say(Resolved.PainInForce pain) {
        String most =
                pain.rule().most() == 0 ? "none" : "at most " + pain.rule().most() + " of 10";
        return "Pain while exercising: " + most;
    }
}
