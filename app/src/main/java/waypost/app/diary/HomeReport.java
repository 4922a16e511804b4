package waypost.app.diary;

import java.time.LocalDate;
import java.util.Objects;
import java.util.OptionalInt;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import waypost.core.home.SaidAtHome;

/**
 * What a patient said of one slot of a day at home.
 *
 * @param id made on the telephone, so that what is sent twice is kept once
 * @param role blank for a sign to ring for
 * @param slot which time of the day, from 0 on
 * @param pain 0 to 10; empty where it was not said
 * @param flag id of a sign to ring for that was answered with yes; blank otherwise
 */
public record HomeReport(
        UUID id,
        UUID programId,
        String role,
        LocalDate doneOn,
        int slot,
        boolean done,
        boolean tooMuch,
        @Nullable Integer pain,
        String flag,
        String note) {

    /** What a telephone leaves out is blank; without an id, a program or a day it is no report. */
    public HomeReport {
        Objects.requireNonNull(id, "id");
        Objects.requireNonNull(programId, "programId");
        Objects.requireNonNull(doneOn, "doneOn");
        role = Objects.requireNonNullElse(role, "");
        flag = Objects.requireNonNullElse(flag, "");
        note = Objects.requireNonNullElse(note, "");
    }

    /** As the rules look at it. */
    public SaidAtHome said() {
        return new SaidAtHome(role, doneOn, tooMuch, pain == null ? OptionalInt.empty() : OptionalInt.of(pain), flag);
    }
}
