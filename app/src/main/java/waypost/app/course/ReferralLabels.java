package waypost.app.course;

import waypost.core.time.DayZero;

/**
 * What the fields of a referral are called, by what day 0 is.
 *
 * @param event such as "Operation"
 * @param named what the note calls it
 * @param date what day 0 is
 * @param person who answers for the course
 */
public record ReferralLabels(String event, String named, String date, String person) {

    static ReferralLabels of(DayZero clock) {
        return switch (clock) {
            case SURGERY ->
                new ReferralLabels("Operation", "Operation, as the note names it", "Date of surgery", "Surgeon");
            case INJURY ->
                new ReferralLabels("Injury", "Injury, as the note names it", "Date of the injury", "Referred by");
            case START -> new ReferralLabels("Reason", "Reason, as the note names it", "First day", "Referred by");
        };
    }
}
