package waypost.core.paper;

import java.util.ArrayList;
import java.util.List;

/**
 * What has to be known before a line is a rule.
 *
 * @param id the same for the same question, whatever the line
 * @param choices two at least; the more cautious first where one is
 */
public record PaperQuestion(String id, String asks, List<Choice> choices) {

    /** One answer. */
    public record Choice(String id, String label) {}

    public PaperQuestion {
        choices = List.copyOf(choices);
    }

    static PaperQuestion of(String id, String asks, String... idsAndLabels) {
        List<Choice> choices = new ArrayList<>();
        for (int at = 0; at < idsAndLabels.length; at += 2) {
            choices.add(new Choice(idsAndLabels[at], idsAndLabels[at + 1]));
        }
        return new PaperQuestion(id, asks, choices);
    }
}
