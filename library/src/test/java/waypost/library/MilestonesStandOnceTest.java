package waypost.library;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.IdentityHashMap;
import java.util.List;
import java.util.stream.Collectors;
import org.junit.jupiter.api.Test;
import waypost.core.criterion.Criterion;

/** Protocols that name one milestone have it from one list: equal ones are one and the same. */
class MilestonesStandOnceTest {

    @Test
    void noMilestoneIsWrittenTwice() {
        IdentityHashMap<Criterion, Boolean> written = new IdentityHashMap<>();
        Shipped.BUNDLE.protocols().stream()
                .flatMap(protocol -> protocol.criteria().stream())
                .forEach(criterion -> written.put(criterion, true));
        List<String> twice = written.keySet().stream()
                .collect(Collectors.groupingBy(criterion -> criterion, Collectors.counting()))
                .entrySet()
                .stream()
                .filter(each -> each.getValue() > 1)
                .map(each -> each.getKey().id())
                .toList();

        assertThat(twice).isEmpty();
    }
}
