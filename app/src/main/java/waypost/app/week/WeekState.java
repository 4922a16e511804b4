package waypost.app.week;

import waypost.core.block.DaySays;

/**
 * What comes of an exercise on a day, in a word or two.
 *
 * @param name by which the page draws it
 */
record WeekState(String name, String says) {

    static WeekState of(DaySays says) {
        return says.accept(new Saying());
    }

    private static final class Saying implements DaySays.Visitor<WeekState> {

        @Override
        public WeekState done(DaySays.Done says) {
            return new WeekState("done", says.sets() == 1 ? "1 set" : says.sets() + " sets");
        }

        @Override
        public WeekState open() {
            return new WeekState("open", "open");
        }

        @Override
        public WeekState ifToPlan() {
            return new WeekState("plan", "to plan");
        }

        @Override
        public WeekState less(DaySays.Less says) {
            return new WeekState("less", "less");
        }

        @Override
        public WeekState closed(DaySays.Closed says) {
            return new WeekState("closed", "closed");
        }

        @Override
        public WeekState rests(DaySays.Rests says) {
            return new WeekState("rests", "rests");
        }

        @Override
        public WeekState finished() {
            return new WeekState("finished", "reached");
        }
    }
}
