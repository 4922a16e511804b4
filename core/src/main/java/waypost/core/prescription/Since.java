package waypost.core.prescription;

import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import waypost.core.log.Bout;

/**
 * From when a prescription counts.
 *
 * @param day on which it was written
 * @param setsBefore how many sets of that day were done before it
 */
public record Since(LocalDate day, int setsBefore) {

    /** What was done since, oldest first. */
    public List<Bout> bouts(List<Bout> all) {
        return all.stream().flatMap(this::counted).toList();
    }

    private Stream<Bout> counted(Bout bout) {
        if (!bout.on().equals(day)) {
            return bout.on().isAfter(day) ? Stream.of(bout) : Stream.empty();
        }
        return setsBefore < bout.sets().size()
                ? Stream.of(new Bout(
                        bout.on(), bout.sets().subList(setsBefore, bout.sets().size()), bout.response()))
                : Stream.empty();
    }

    /** The last bout before it, if it was done on the same day: how it answered was not known when this was written. */
    public Optional<Bout> sameDay(List<Bout> all) {
        return all.stream().filter(bout -> bout.on().equals(day)).findFirst();
    }
}
