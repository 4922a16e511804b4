package waypost.app.store;

import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.springframework.stereotype.Component;
import org.springframework.transaction.support.TransactionSynchronizationManager;

/**
 * The sets of courses. Rows are only ever added, so only those are read that came since the last time. Of two that are
 * written at once the earlier may be seen the later: where the rows do not add up, all are read again.
 */
@Component
class SetLog {

    private static final int MOST_COURSES = 300;

    private final WorkMapper mapper;
    private final Cache<UUID, Read> read =
            Caffeine.newBuilder().maximumSize(MOST_COURSES).build();

    SetLog(WorkMapper mapper) {
        this.mapper = mapper;
    }

    /**
     * What was read of a course.
     *
     * @param rows how many rows that was, whatever became of them
     * @param last the last one's number
     * @param written those that stand, in the order done
     * @param sets the same as they are told
     */
    private record Read(long rows, long last, List<WrittenSet> written, List<SetRow> sets) {
        private static final Read NOTHING = new Read(0, 0, List.of(), List.of());

        /** This with the rows that came since. */
        Read and(List<WrittenSet> since, UUID courseId) {
            if (since.isEmpty()) {
                return this;
            }
            Set<UUID> gone = since.stream()
                    .flatMap(set -> set.inPlaceOf().stream())
                    .collect(Collectors.toCollection(HashSet::new));
            List<WrittenSet> standing = Stream.concat(
                            written.stream(), since.stream().filter(WrittenSet::stands))
                    .filter(set -> !gone.contains(set.id()))
                    .sorted(WrittenSet.AS_DONE)
                    .toList();
            return new Read(
                    rows + since.size(),
                    since.get(since.size() - 1).number(),
                    standing,
                    standing.stream().map(set -> set.row(courseId)).toList());
        }
    }

    /** Every set of a course that stands, in the order done. */
    List<SetRow> of(UUID courseId) {
        Read known = read.get(courseId, id -> Read.NOTHING);
        Read now = upToDate(courseId, known);
        if (now != known && !isWriting()) {
            read.put(courseId, now);
        }
        return now.sets();
    }

    private Read upToDate(UUID courseId, Read known) {
        List<WrittenSet> found = mapper.findSetsAfter(courseId, known.last());
        Read now = known.and(found.stream().filter(WrittenSet::isRow).toList(), courseId);
        boolean addsUp = found.get(0).rows() == now.rows();
        return addsUp || known == Read.NOTHING ? now : upToDate(courseId, Read.NOTHING);
    }

    /** Within what may yet be rolled back nothing is kept. */
    private static boolean isWriting() {
        return TransactionSynchronizationManager.isActualTransactionActive()
                && !TransactionSynchronizationManager.isCurrentTransactionReadOnly();
    }
}
