package waypost.library.words;

import waypost.core.followup.VisitAdvice;
import waypost.core.measure.Plain;

/** Says how often to come, as advice with what it rests on. */
public record AdviceWords(Words words) {

    /** The advice in a few words. */
    public static String title(VisitAdvice advice) {
        return switch (advice.kind()) {
            case MORE_OFTEN -> "Come more often";
            case SAME -> "Come as often as now";
            case LESS_OFTEN -> "Could come less often";
            case TALK_ABOUT_HOME_WORK -> "Talk about the home work first";
            case CALL_SURGEON -> "Call the surgeon";
        };
    }

    /** What it rests on, and what the protocol writes. */
    public String why(VisitAdvice advice) {
        String written = advice.written()
                .map(often -> " The protocol writes " + often + ".")
                .orElse("");
        return because(advice) + written;
    }

    private String because(VisitAdvice advice) {
        String home = advice.homeShare().isPresent()
                ? "Home work done: " + Plain.number(advice.homeShare().getAsDouble()) + " % of what is asked."
                : "Home work: nobody has asked in the last 14 days.";
        return switch (advice.kind()) {
            case SAME -> "Nothing is behind. " + home;
            case LESS_OFTEN -> "All that the next phase asks for is met, and only time is missing. " + home;
            case MORE_OFTEN ->
                behind(advice) + " " + home
                        + (advice.asksForATalk()
                                ? " Talk about it as well: the window does not wait for that."
                                : " It is done and does not suffice alone.");
            case TALK_ABOUT_HOME_WORK -> behind(advice) + " " + home + " More visits help little before that.";
            case CALL_SURGEON ->
                behind(advice) + " " + home
                        + (advice.asksForATalk()
                                ? " Talk about it as well: the call does not wait for that."
                                : " It is done, and it does not move.");
        };
    }

    private String behind(VisitAdvice advice) {
        if (advice.behind().isEmpty()) {
            return "Nothing is behind yet.";
        }
        return new BehindWords(words).say(advice.behind().get(0))
                + (advice.behind().size() > 1 ? " And " + (advice.behind().size() - 1) + " more." : "");
    }
}
