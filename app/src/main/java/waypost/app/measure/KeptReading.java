package waypost.app.measure;

import java.math.BigDecimal;
import java.time.Instant;
import java.time.LocalDate;
import java.util.Optional;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import waypost.core.body.Mode;
import waypost.core.body.Side;
import waypost.core.measure.EndFeel;
import waypost.core.measure.Measure;
import waypost.core.measure.Reading;
import waypost.core.measure.Tool;

/** A reading on record that is neither replaced nor withdrawn, with everything known of it. */
public record KeptReading(
        UUID id,
        String measure,
        Side side,
        Mode mode,
        BigDecimal value,
        LocalDate measuredOn,
        boolean strict,
        String rater,
        UUID enteredBy,
        Instant enteredAt,
        @Nullable Tool tool,
        String position,
        @Nullable Integer pain,
        @Nullable EndFeel endFeel,
        String working,
        HowTaken.Source source) {

    public HowTaken how() {
        return new HowTaken(rater, tool, position, pain, endFeel, working, source);
    }

    /** As the rules see it. */
    public Reading reading(Measure of) {
        return new Reading(
                measure,
                side,
                mode,
                of.amount(value.doubleValue()),
                measuredOn,
                strict,
                rater,
                Optional.ofNullable(tool),
                Optional.of(position).filter(said -> !said.isEmpty()));
    }

    /** Whether it is of the same thing. */
    boolean isOf(String ofMeasure, Side ofSide, Mode ofMode) {
        return measure.equals(ofMeasure) && side == ofSide && mode == ofMode;
    }
}
