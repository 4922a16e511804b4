package waypost.app.band;

import java.math.BigDecimal;
import org.jspecify.annotations.Nullable;

/**
 * One band of a clinic.
 *
 * @param step 1 the lightest, at most 12
 * @param name what the clinic calls it, 1 to 30 characters
 * @param pullKg how hard it pulls at double its length, 0.1 to 60 kg; null while nobody has measured it
 */
public record Band(int step, String name, @Nullable BigDecimal pullKg) {}
