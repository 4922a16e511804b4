package waypost.library.desk;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.UnaryOperator;
import waypost.core.time.CourseDay;
import waypost.core.time.Moment;

/** Says what a post says, with its day in both countings and how its moment is written. */
public final class DeskWords {

    private DeskWords() {}

    /** "Bend: 0 to 60 from day 14 (2 weeks are over, week 3 begins); written as 2 weeks, a duration". */
    public static String say(Post post) {
        return say(post, role -> role);
    }

    /**
     * The same.
     *
     * @param named what a role is called
     */
    public static String say(Post post, UnaryOperator<String> named) {
        String what =
                title(post, named) + post.allows().map(allows -> ": " + allows).orElse("");
        String waits = post.needs().isEmpty() ? "" : "; not without " + String.join(", ", post.needs());
        String phase = post.phase().map(id -> ", in phase " + id).orElse("");
        String only = post.when().isEmpty() ? "" : "; only where " + String.join(" and ", post.when());
        return what + " " + holds(post.kind()) + " " + say(post.day()) + phase + waits + only + "; written as "
                + written(post.moment());
    }

    private static String title(Post post, UnaryOperator<String> named) {
        return post.kind() == Post.Kind.OPENING ? named.apply(post.about()) : post.title();
    }

    /**
     * "Bend: 0 to 60 → 0 to 70, day 14 → day 21 (3 weeks are over, week 4 begins)".
     *
     * @param was what stands below in its place; empty for what is new
     */
    public static String change(Optional<Post> was, Post now, UnaryOperator<String> named) {
        if (was.isEmpty()) {
            return "Not below: " + say(now, named);
        }
        Post before = was.get();
        List<String> changes = new ArrayList<>();
        if (!before.allows().equals(now.allows())) {
            changes.add(before.allows().orElse("nothing said") + " → "
                    + now.allows().orElse("nothing said"));
        }
        if (!before.phase().equals(now.phase())) {
            changes.add("phase " + before.phase().orElse("none") + " → "
                    + now.phase().orElse("none"));
        }
        if (!before.needs().equals(now.needs())) {
            changes.add("waits for " + needs(before) + " → " + needs(now));
        }
        if (!before.when().equals(now.when())) {
            changes.add("only where " + where(before) + " → " + where(now));
        }
        if (!before.day().equals(now.day())) {
            changes.add("day " + before.day().number() + " → " + say(now.day()));
        } else if (!before.moment().equals(now.moment())) {
            changes.add("the same day, written " + before.moment() + " → " + now.moment());
        }
        return title(now, named) + ": " + String.join(", ", changes);
    }

    private static String needs(Post post) {
        return post.needs().isEmpty() ? "nothing" : String.join(" and ", post.needs());
    }

    private static String where(Post post) {
        return post.when().isEmpty() ? "always" : String.join(" and ", post.when());
    }

    private static String holds(Post.Kind kind) {
        return switch (kind) {
            case PHASE -> "may begin on";
            case EXPECTED -> "is expected on";
            case OPENING -> "is open from";
            case DUE -> "is due by";
            default -> "from";
        };
    }

    /** "day 45 (6 weeks and 3 days after, in week 7)". */
    public static String say(CourseDay day) {
        if (day.number() < 0) {
            return "day " + day.number() + " (" + -day.number() + " days before day 0)";
        }
        int weeks = day.weeksCompleted();
        int days = day.daysBeyondWeeks();
        String both = days == 0
                ? counted(weeks, "week") + (weeks == 1 ? " is over, week " : " are over, week ") + (weeks + 1)
                        + " begins"
                : counted(weeks, "week") + " and " + counted(days, "day") + " after, in week " + (weeks + 1);
        return "day " + day.number() + " (" + both + ")";
    }

    private static String counted(int count, String what) {
        return count + " " + what + (count == 1 ? "" : "s");
    }

    /** "completed week 6, a label: as many weeks are over". */
    public static String written(Moment moment) {
        if (moment instanceof Moment.Lasting) {
            return moment + ", a duration";
        } else if (moment instanceof Moment.CompletedWeek) {
            return moment + ", a label: so many weeks are over";
        } else if (moment instanceof Moment.NthWeek) {
            return moment + ", a label: the week that begins then";
        } else if (moment instanceof Moment.Month) {
            return moment + ", calendar months; the day differs by a little with the date";
        }
        return "a day";
    }
}
