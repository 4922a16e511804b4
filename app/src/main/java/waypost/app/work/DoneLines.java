package waypost.app.work;

import java.util.List;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import waypost.app.store.SetRow;
import waypost.core.exercise.Activity;
import waypost.core.exercise.Arrangement;
import waypost.core.exercise.RoleKey;
import waypost.core.log.Bout;
import waypost.core.log.SetDone;
import waypost.core.progression.PainLimit;
import waypost.library.words.Dates;
import waypost.library.words.ProgressionWords;

/** Says what was done of an exercise, today and the last times. */
record DoneLines(DayOfVisit day) {

    private static final int TIMES_BEFORE = 3;

    /** A set of today. */
    Card.Done done(SetRow set, Activity.Exercise exercise, PainLimit pain) {
        return new Card.Done(
                set.id(), said(set.done(), exercise), set.pain(), pain.isBrokenBy(set.pain()), form(set.form()));
    }

    private String said(SetDone set, Activity.Exercise exercise) {
        return set.amount() + " " + exercise.dose().aim().counted().word()
                + set.load()
                        .map(load -> " · " + day.bands().in(ProgressionWords.load(load)))
                        .orElse("")
                + setUp(set.setUp());
    }

    private static String setUp(Arrangement setUp) {
        return setUp.equals(Arrangement.UNSAID) ? "" : " · " + ProgressionWords.setUp(setUp);
    }

    static String form(SetDone.Form form) {
        return switch (form) {
            case GOOD -> "";
            case COMPENSATED -> "helped along";
            case LOST -> "form lost";
        };
    }

    /** The last times, the latest first. */
    List<String> before(RoleKey key, Activity.Exercise exercise) {
        List<Bout> bouts = day.before().bouts(key);
        return IntStream.range(0, Math.min(TIMES_BEFORE, bouts.size()))
                .mapToObj(nth -> bouts.get(bouts.size() - 1 - nth))
                .map(bout -> said(bout, exercise))
                .toList();
    }

    private String said(Bout bout, Activity.Exercise exercise) {
        String form = form(bout.worstForm());
        return Dates.say(bout.on()) + ": " + amounts(bout, exercise) + " · pain "
                + bout.worstPain() + (form.isEmpty() ? "" : " · " + form)
                + bout.response()
                        .flatMap(response -> response.nextMorning())
                        .map(pain -> " · next morning " + pain)
                        .orElse("");
    }

    /** "8, 8, 6 reps · 20 kg". */
    String amounts(Bout bout, Activity.Exercise exercise) {
        String amounts =
                bout.sets().stream().map(set -> String.valueOf(set.amount())).collect(Collectors.joining(", "));
        return amounts + " " + exercise.dose().aim().counted().word()
                + bout.load()
                        .map(held -> " · " + day.bands().in(ProgressionWords.load(held)))
                        .orElse("")
                + setUp(bout.setUp());
    }
}
