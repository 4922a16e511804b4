package waypost.core.protocol;

import java.util.List;
import java.util.stream.Stream;
import waypost.core.limit.Limit;

/** The four families of rules, kept apart, and what is said of holds and of pain. */
public record Rules(
        List<Limit<?>> limits,
        List<Opening> openings,
        List<Duty> duties,
        List<SetUp> setUps,
        List<HoldRule> holds,
        List<PainRule> pain) {
    public Rules {
        limits = List.copyOf(limits);
        openings = List.copyOf(openings);
        duties = List.copyOf(duties);
        setUps = List.copyOf(setUps);
        holds = List.copyOf(holds);
        pain = List.copyOf(pain);
    }

    public static Rules of(List<Limit<?>> limits, List<Opening> openings) {
        return new Rules(limits, openings, List.of(), List.of(), List.of(), List.of());
    }

    /** These rules with more openings. */
    public Rules alsoOpening(List<Opening> more) {
        return new Rules(limits, Stream.concat(openings.stream(), more.stream()).toList(), duties, setUps, holds, pain);
    }

    /** These rules with other limits. */
    public Rules with(List<Limit<?>> others) {
        return new Rules(others, openings, duties, setUps, holds, pain);
    }
}
