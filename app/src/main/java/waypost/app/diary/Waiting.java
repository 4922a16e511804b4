package waypost.app.diary;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.function.Consumer;
import java.util.stream.Collectors;
import waypost.core.home.SaidAtHome;
import waypost.core.home.Worry;
import waypost.library.words.Dates;

/**
 * A patient of whom something waits to be looked at.
 *
 * @param urgent whether a sign to ring for was answered with yes
 * @param says each thing in words
 * @param whose who wrote the program, and looks at it
 */
public record Waiting(UUID courseId, String patient, boolean urgent, List<String> says, String whose) {

    public Waiting {
        says = List.copyOf(says);
    }

    /** One for each patient; signs to ring for come first. */
    static List<Waiting> of(List<DiaryMapper.AlarmRow> unseen, List<DiaryMapper.PhoneRow> onPhones, LocalDate today) {
        Map<UUID, Waiting> waiting = new LinkedHashMap<>();
        Consumer<Waiting> put = each -> waiting.merge(each.courseId(), each, Waiting::and);
        unseen.forEach(row ->
                row.said().worry(row.painMost()).map(worry -> of(row, worry)).ifPresent(put));
        unseen.stream()
                .collect(Collectors.groupingBy(DiaryMapper.AlarmRow::courseId, LinkedHashMap::new, Collectors.toList()))
                .values()
                .forEach(rows -> badDays(rows).ifPresent(put));
        onPhones.forEach(row -> Worry.quiet(row.lastOn(), today)
                .map(worry -> new Waiting(
                        row.courseId(),
                        row.patient(),
                        false,
                        List.of(worry.accept(new WorryWords("", LocalDate.EPOCH, ""))),
                        row.whose()))
                .ifPresent(put));
        return List.copyOf(waiting.values());
    }

    private static Waiting of(DiaryMapper.AlarmRow row, Worry worry) {
        return new Waiting(
                row.courseId(),
                row.patient(),
                worry instanceof Worry.Sign,
                List.of(worry.accept(new WorryWords(row.exercise(), row.doneOn(), row.note()))),
                row.whose());
    }

    private static Optional<Waiting> badDays(List<DiaryMapper.AlarmRow> rows) {
        DiaryMapper.AlarmRow last = rows.get(rows.size() - 1);
        return SaidAtHome.badDays(rows.stream().map(DiaryMapper.AlarmRow::said).toList(), last.painMost())
                .map(worry -> of(last, worry));
    }

    private Waiting and(Waiting other) {
        List<String> both = new ArrayList<>(says);
        both.addAll(other.says);
        return new Waiting(courseId, patient, urgent || other.urgent, both, whose);
    }

    /** Says a worry of an exercise on a day, with what the patient wrote to it. */
    private record WorryWords(String exercise, LocalDate on, String note) implements Worry.Visitor<String> {

        @Override
        public String sign(Worry.Sign worry) {
            return "said yes to a sign to ring for (" + worry.flag().replace('-', ' ') + ")" + onTheDay();
        }

        @Override
        public String tooMuch() {
            return exercise + " was too much" + onTheDay();
        }

        @Override
        public String morePain(Worry.MorePain worry) {
            return exercise + ": pain " + worry.found() + " of 10, allowed " + worry.most() + onTheDay();
        }

        @Override
        public String badDays(Worry.BadDays worry) {
            return worry.days() + " bad days running";
        }

        @Override
        public String quiet(Worry.Quiet worry) {
            return "nothing ticked since " + Dates.say(worry.since());
        }

        private String onTheDay() {
            return " on " + Dates.say(on) + (note.isEmpty() ? "" : ": " + note);
        }
    }
}
