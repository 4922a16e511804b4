package waypost.library.words;

import java.util.List;
import java.util.Locale;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import waypost.core.limit.Allowed;
import waypost.core.log.Hold;
import waypost.core.measure.Measure;
import waypost.core.measure.Plain;
import waypost.core.protocol.Duty;
import waypost.core.protocol.FollowUp;
import waypost.core.protocol.HoldRule;
import waypost.core.protocol.Included;
import waypost.core.protocol.PainRule;
import waypost.core.protocol.Phase;
import waypost.core.protocol.Protocol;
import waypost.core.question.Condition;
import waypost.core.question.Question;
import waypost.core.time.Schedule;

/** Says line by line what a protocol writes besides limits and openings, so that two can be held against each other. */
public record WrittenWords(Protocol protocol, List<Measure> measures) {

    public Stream<String> parts() {
        return protocol.parts().stream().map(this::part);
    }

    private String part(Included part) {
        return part.face() + under(part.when());
    }

    private String under(Condition condition) {
        String when = condition.oneOf().entrySet().stream()
                .map(each -> values(protocol.question(each.getKey()), each.getValue()))
                .sorted()
                .collect(Collectors.joining("; "));
        return when.isEmpty() ? "" : " (" + when + ")";
    }

    private static String values(Question question, Set<String> wanted) {
        return question.valueIds().stream()
                .filter(wanted::contains)
                .map(question::titleOf)
                .collect(Collectors.joining(" or ", question.id().replace('-', ' ') + ": ", ""));
    }

    public Stream<String> phases() {
        return protocol.phases().stream().map(WrittenWords::phase);
    }

    private static String phase(Phase phase) {
        return phase.title() + ", not before " + phase.earliest()
                + (phase.expected().equals(phase.earliest()) ? "" : ", expected by " + phase.expected());
    }

    public Stream<String> pain() {
        return protocol.rules().pain().stream().map(WrittenWords::pain);
    }

    private static String pain(PainRule rule) {
        return rule.head().title() + ": at most " + rule.most() + " of 10";
    }

    /** A duty with its steps or its day. */
    public static String duty(Duty duty) {
        return duty.head().title()
                + duty.accept(new Duty.Visitor<String>() {
                    @Override
                    public String wear(Duty.Wear wear) {
                        return steps(wear.schedule());
                    }

                    @Override
                    public String practise(Duty.Practise practise) {
                        return steps(practise.schedule());
                    }

                    @Override
                    public String begin(Duty.Begin begin) {
                        return ", begun by " + begin.by();
                    }

                    @Override
                    public String reach(Duty.Reach reach) {
                        return ", by " + reach.by();
                    }
                });
    }

    private static <T> String steps(Schedule<Allowed<T>> schedule) {
        return schedule.entries().stream()
                .map(step -> step.value().most().map(Object::toString).orElse("ends") + " from " + step.from())
                .collect(Collectors.joining(", ", ": ", ""));
    }

    public Stream<String> holds() {
        return protocol.rules().holds().stream().map(WrittenWords::hold);
    }

    private static String hold(HoldRule rule) {
        String about = rule.kinds().isEmpty()
                ? "Any hold"
                : Words.sentenceCase(rule.kinds().stream()
                        .map(Hold.Kind::name)
                        .sorted()
                        .map(name -> name.toLowerCase(Locale.ROOT).replace('_', ' '))
                        .collect(Collectors.joining(" or ")));
        String longest = rule.longestDays().isPresent()
                ? ": at most " + rule.longestDays().getAsInt() + " days, then " + rule.otherwise()
                : "";
        String after = rule.reEntry()
                .map(entry -> "; after it " + entry.percent() + " % for " + entry.days() + " days")
                .orElse("");
        return about + longest + after;
    }

    public Stream<String> visits() {
        return protocol.followUp().visits().stream().map(WrittenWords::often);
    }

    public Stream<String> home() {
        return protocol.followUp().home().stream().map(WrittenWords::often);
    }

    private static String often(FollowUp.Stretch stretch) {
        return stretch.often() + " from " + stretch.from();
    }

    public Stream<String> measuring() {
        return protocol.followUp().measuring().stream()
                .map(due -> title(due.measure()) + " every " + due.everyDays() + " days from " + due.from()
                        + under(due.when()));
    }

    public Stream<String> corridors() {
        return protocol.followUp().corridors().stream()
                .map(corridor -> corridor.points().stream()
                        .map(point -> Plain.number(point.low()) + " to " + Plain.number(point.high()) + " from "
                                + point.from())
                        .collect(Collectors.joining(", ", title(corridor.measure()) + ": ", under(corridor.when()))));
    }

    private String title(String measure) {
        return measures.stream()
                .filter(known -> known.id().equals(measure))
                .map(Measure::title)
                .findFirst()
                .orElse(measure);
    }
}
