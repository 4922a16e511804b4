package waypost.core.gate;

import java.util.List;
import org.jspecify.annotations.Nullable;

/** The verdicts of one day on the whole library, judged when somebody first asks for them. */
public final class Judged {

    private final DayGate day;
    private volatile @Nullable List<Verdict> verdicts;

    public Judged(DayGate day) {
        this.day = day;
    }

    /** All of them, in the library's order. */
    public List<Verdict> all() {
        List<Verdict> known = verdicts;
        if (known == null) {
            known = List.copyOf(day.judgeAll());
            verdicts = known;
        }
        return known;
    }

    /** The same day gives the same verdicts. */
    @Override
    public boolean equals(@Nullable Object other) {
        return other instanceof Judged judged && day.equals(judged.day);
    }

    @Override
    public int hashCode() {
        return day.hashCode();
    }
}
