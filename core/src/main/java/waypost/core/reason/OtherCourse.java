package waypost.core.reason;

import java.time.LocalDate;
import waypost.core.body.Side;
import waypost.core.protocol.Protocol;
import waypost.core.question.Answers;

/**
 * Another course of the same person, as a reason names it.
 *
 * @param id the id by which the person's courses are told apart
 * @param side the operated side
 * @param protocol in whose words its reasons are said
 * @param dayZero from which its days are counted
 */
public record OtherCourse(String id, Side side, Protocol protocol, Answers answers, LocalDate dayZero) {

    /** The id alone tells courses apart; a whole protocol would be slow to hash. */
    @Override
    public int hashCode() {
        return id.hashCode();
    }

    @Override
    public boolean equals(Object other) {
        return other instanceof OtherCourse course && course.id.equals(id) && course.dayZero.equals(dayZero);
    }
}
