package waypost.app.plan;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;

/**
 * Every block of a course, in the order written. A block that begins on or before one that was written earlier takes its
 * place; one that nobody wrote but was proposed takes none.
 */
public record Blocks(List<Block> written) {

    public Blocks {
        written = List.copyOf(written);
    }

    /** Those that run, ran or will run, by the day on which they begin. */
    public List<Block> standing() {
        List<Block> standing = new ArrayList<>();
        for (Block block : written) {
            standing.removeIf(earlier -> !block.proposed() && !block.beginsOn().isAfter(earlier.beginsOn()));
            standing.add(block);
        }
        standing.sort(Comparator.comparing(Block::beginsOn));
        return standing;
    }

    /** The one that began last, also where its weeks are over. */
    public Optional<Block> runningOn(LocalDate date) {
        return standing().stream()
                .filter(block -> !block.beginsOn().isAfter(date))
                .reduce((earlier, later) -> later);
    }

    /** The next one that has not begun. */
    public Optional<Block> comingAfter(LocalDate date) {
        return standing().stream()
                .filter(block -> block.beginsOn().isAfter(date))
                .findFirst();
    }

    public Optional<Block> writtenLast() {
        return written.stream().reduce((earlier, later) -> later);
    }
}
