package waypost.app.diary;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
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
    static List<Waiting> of(List<DiaryMapper.AlarmRow> alarms, List<DiaryMapper.MissedRow> missed) {
        Map<UUID, Waiting> waiting = new LinkedHashMap<>();
        for (DiaryMapper.AlarmRow each : alarms) {
            waiting.merge(
                    each.courseId(),
                    new Waiting(
                            each.courseId(), each.patient(), !each.flag().isEmpty(), List.of(says(each)), each.whose()),
                    Waiting::and);
        }
        for (DiaryMapper.MissedRow each : missed) {
            String quiet = "nothing ticked since " + Dates.say(each.lastOn());
            waiting.merge(
                    each.courseId(),
                    new Waiting(each.courseId(), each.patient(), false, List.of(quiet), each.whose()),
                    Waiting::and);
        }
        return List.copyOf(waiting.values());
    }

    private Waiting and(Waiting other) {
        List<String> both = new ArrayList<>(says);
        both.addAll(other.says);
        return new Waiting(courseId, patient, urgent || other.urgent, both, whose);
    }

    private static String says(DiaryMapper.AlarmRow alarm) {
        String on = " on " + Dates.say(alarm.doneOn());
        String note = alarm.note().isEmpty() ? "" : ": " + alarm.note();
        if (!alarm.flag().isEmpty()) {
            return "said yes to a sign to ring for (" + alarm.flag().replace('-', ' ') + ")" + on + note;
        }
        if (alarm.tooMuch()) {
            return alarm.exercise() + " was too much" + on + note;
        }
        return alarm.exercise() + ": pain " + alarm.pain() + " of 10, allowed " + alarm.painMost() + on + note;
    }
}
