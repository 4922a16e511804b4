package waypost.app.message;

import java.util.ArrayList;
import java.util.Collections;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.springframework.stereotype.Component;

/**
 * A carrier that carries nothing: what it took can be read, and it fails on purpose. By the message's id one in five is
 * refused at first, one in seven is taken though no answer comes back, and an address with "nobody" in it bounces.
 */
@Component
class SimulatedGateway implements Gateway {

    private static final int REFUSED_ONE_IN = 5;
    private static final int UNANSWERED_ONE_IN = 7;
    private static final int MOST_KEPT = 20_000;

    private final Map<UUID, Outgoing> taken = new LinkedHashMap<>();
    private final Map<UUID, Integer> seen = new LinkedHashMap<>();

    @Override
    public synchronized Handed hand(Outgoing message) {
        int before = seen.merge(message.id(), 1, Integer::sum) - 1;
        int number = Math.floorMod(message.id().hashCode(), REFUSED_ONE_IN * UNANSWERED_ONE_IN);
        if (message.address().contains("nobody")) {
            return Handed.BOUNCED;
        }
        if (before == 0 && number % REFUSED_ONE_IN == 0) {
            throw new IllegalStateException("the carrier is busy");
        }
        taken.putIfAbsent(message.id(), message);
        if (taken.size() > MOST_KEPT) {
            taken.remove(taken.keySet().iterator().next());
        }
        if (before <= 1 && number % UNANSWERED_ONE_IN == 0) {
            throw new IllegalStateException("the carrier's answer got lost");
        }
        return Handed.TAKEN;
    }

    /** What was taken, the last first. */
    synchronized List<Outgoing> outbox() {
        List<Outgoing> all = new ArrayList<>(taken.values());
        Collections.reverse(all);
        return all;
    }
}
