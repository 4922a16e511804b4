package waypost.app.desk;

import waypost.core.time.CourseDay;
import waypost.core.time.Moment;
import waypost.library.desk.Change;
import waypost.library.desk.Desk;
import waypost.library.desk.Post;

/** Something done on the desk, with what it is in words. */
interface DeskAct {

    /**
     * What it comes to.
     *
     * @throws IllegalArgumentException when there is nothing to do there
     * @throws waypost.library.text.RefusedException when it can't be read then
     */
    Done on(OpenDesk open);

    /** The desk after it, and what was done. */
    record Done(Desk desk, String said) {}

    /** A post, or all that open together, to another day; what it allows higher or lower by so many steps. */
    record Moved(String at, int day, int raised) implements DeskAct {
        @Override
        public Done on(OpenDesk open) {
            Desk desk = open.desk();
            String said = "";
            for (Post post : DeskLanes.together(open, at)) {
                String key = desk.keyNow(post.key());
                if (raised != 0) {
                    desk = desk.with(new Change.ToValue(key, post.raised(raised)));
                    key = desk.keyNow(key);
                }
                if (post.day().number() != day) {
                    desk = desk.with(new Change.ToDay(key, new CourseDay(day)));
                }
                said = say(open, desk, post.key());
            }
            return new Done(desk, said);
        }
    }

    /** A post to a moment as it is to be written. */
    record Written(String at, Moment moment) implements DeskAct {
        @Override
        public Done on(OpenDesk open) {
            Desk desk = open.desk();
            for (Post post : DeskLanes.together(open, at)) {
                desk = desk.with(new Change.ToMoment(desk.keyNow(post.key()), moment));
            }
            return new Done(
                    desk, say(open, desk, DeskLanes.together(open, at).get(0).key()));
        }
    }

    /** A single change. */
    record One(Change change, String said) implements DeskAct {
        @Override
        public Done on(OpenDesk open) {
            Desk desk = open.desk().with(change);
            String key = change instanceof Change.ToValue valued ? valued.post() : "";
            return new Done(desk, key.isEmpty() ? said : say(open, desk, key));
        }
    }

    /** Another text for one of the files. */
    record Text(String file, String text) implements DeskAct {
        @Override
        public Done on(OpenDesk open) {
            return new Done(
                    open.desk().withText(file, text),
                    file.isEmpty() || file.equals(Desk.MEASURES)
                            ? "the text of the " + (file.isEmpty() ? "protocol" : file)
                            : "the text of the part " + file);
        }
    }

    private static String say(OpenDesk open, Desk desk, String key) {
        return desk.post(desk.keyNow(key)).map(open::say).orElse("");
    }
}
