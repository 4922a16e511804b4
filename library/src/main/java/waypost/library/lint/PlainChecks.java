package waypost.library.lint;

import java.time.LocalDate;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.stream.Stream;
import waypost.core.limit.Allowed;
import waypost.core.limit.Limit;
import waypost.core.limit.RuleHead;
import waypost.core.protocol.Duty;
import waypost.core.protocol.Protocol;
import waypost.core.time.Schedule;
import waypost.library.plain.PlainDates;
import waypost.library.plain.PlainRules;
import waypost.library.plain.PlainSentence;
import waypost.library.plain.PlainText;

/** Rules that a patient would be told in words of the trade, at length, or not at all. */
record PlainChecks(Protocol protocol, Places places, List<PlainRules> languages) {

    private static final LocalDate ANY = LocalDate.of(2031, 2, 10);

    static PlainChecks of(Protocol protocol, Places places) {
        List<PlainRules> languages = PlainText.LANGUAGES.stream()
                .map(PlainText::in)
                .map(words -> new PlainRules(words, new PlainDates(words, ANY), protocol.id()))
                .toList();
        return new PlainChecks(protocol, places, languages);
    }

    Stream<Finding> findings() {
        Stream<Finding> limits =
                protocol.limits().stream().flatMap(limit -> steps(limit).flatMap(text -> unclear(limit.head(), text)));
        Stream<Finding> worn = protocol.duties().stream()
                .filter(Duty.Wear.class::isInstance)
                .map(Duty.Wear.class::cast)
                .flatMap(wear ->
                        unsaid(wear.head(), "wear." + PlainText.key(wear.item()) + ".", bounds(wear.schedule())));
        Stream<Finding> setUps = protocol.rules().setUps().stream()
                .flatMap(setUp -> unsaid(setUp.head(), "setup.", bounds(setUp.schedule())));
        Stream<Finding> excepted = protocol.limits().stream()
                .flatMap(limit -> unsaid(limit.head(), "unless.", limit.head().unless().stream()));
        return Stream.of(limits, worn, setUps, excepted).flatMap(found -> found).distinct();
    }

    private <T> Stream<Told> steps(Limit<T> limit) {
        return languages.stream()
                .flatMap(rules -> limit.schedule().entries().stream()
                        .filter(step -> !step.value().isFree())
                        .map(step -> new Told(rules, rules.what(limit, step.value()))));
    }

    private record Told(PlainRules rules, String text) {}

    private Stream<Finding> unclear(RuleHead head, Told told) {
        return PlainSentence.of(told.text(), told.rules().words().locale())
                .flatMap(sentence -> sentence.faults(told.rules().words())
                        .map(fault -> finding(
                                head,
                                "a patient is told '" + sentence.text() + "': " + fault,
                                "Write " + told.rules().key(head) + " in short everyday words")));
    }

    private Stream<Finding> unsaid(RuleHead head, String key, Stream<String> settings) {
        return settings.distinct()
                .flatMap(setting -> languages.stream()
                        .filter(rules ->
                                rules.words().find(key + PlainText.key(setting)).isEmpty())
                        .map(rules -> finding(
                                head,
                                "nothing says '" + setting + "' to a patient in "
                                        + rules.words().locale().getDisplayLanguage(Locale.ENGLISH),
                                "Write " + key + PlainText.key(setting))));
    }

    private static <T> Stream<T> bounds(Schedule<Allowed<T>> schedule) {
        return schedule.entries().stream().map(step -> step.value().most()).flatMap(Optional::stream);
    }

    private Finding finding(RuleHead head, String says, String mend) {
        return places.rule(Check.NOT_TOLD_PLAINLY, protocol.id(), head.id(), says, mend);
    }
}
