package waypost.app.account;

import io.github.bucket4j.BucketConfiguration;
import io.github.bucket4j.distributed.ExpirationAfterWriteStrategy;
import io.github.bucket4j.distributed.jdbc.PrimaryKeyMapper;
import io.github.bucket4j.postgresql.Bucket4jPostgreSQL;
import io.github.bucket4j.postgresql.PostgreSQLSelectForUpdateBasedProxyManager;
import java.time.Duration;
import java.util.List;
import java.util.Locale;
import java.util.concurrent.TimeUnit;
import javax.sql.DataSource;
import org.apache.commons.codec.digest.DigestUtils;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.scheduling.annotation.Scheduled;
import org.springframework.stereotype.Component;

/**
 * How often signing in may be tried, counted in the database for all instances: by name and address together, by name from
 * everywhere, and by address. A try that succeeds gives back what it took. Names are kept as hashes alone.
 */
@Component
public class Throttle {

    private static final Duration PAIR_REFILL = Duration.ofMinutes(3);
    private static final int NAME_TRIES = 40;
    private static final Duration NAME_REFILL = Duration.ofMinutes(2);
    private static final int MOST_FORGOTTEN = 10_000;
    private static final Duration ADDRESS_REFILL = Duration.ofSeconds(5);

    private final PostgreSQLSelectForUpdateBasedProxyManager<String> buckets;
    private final int perPair;
    private final int perAddress;

    Throttle(
            DataSource database,
            @Value("${waypost.sign-in.tries}") int perPair,
            @Value("${waypost.sign-in.tries-per-address}") int perAddress) {
        this.buckets = Bucket4jPostgreSQL.selectForUpdateBasedBuilder(database)
                .table("sign_in_bucket")
                .primaryKeyMapper(PrimaryKeyMapper.STRING)
                .expirationAfterWrite(
                        ExpirationAfterWriteStrategy.basedOnTimeForRefillingBucketUpToMax(Duration.ofMinutes(1)))
                .build();
        this.perPair = perPair;
        this.perAddress = perAddress;
    }

    private record Counted(String key, int tries, Duration refill) {

        BucketConfiguration configuration() {
            return BucketConfiguration.builder()
                    .addLimit(limit -> limit.capacity(tries).refillGreedy(1, refill))
                    .build();
        }
    }

    private List<Counted> counted(String name, String address) {
        String named = DigestUtils.sha256Hex(name.strip().toLowerCase(Locale.ROOT));
        return List.of(
                new Counted("pair " + named + " " + address, perPair, PAIR_REFILL),
                new Counted("address " + address, perAddress, ADDRESS_REFILL),
                new Counted("name " + named, NAME_TRIES, NAME_REFILL));
    }

    /**
     * Takes a try; what it returns is how long to wait where there is none, and zero where there was one. Whoever has to
     * wait takes nothing of what others need, so that guessing from one address locks nobody out at another.
     *
     * @param address from where it is tried, or at what
     */
    public Duration take(String name, String address) {
        for (Counted each : counted(name, address)) {
            long nanos = buckets.getProxy(each.key(), each::configuration)
                    .tryConsumeAndReturnRemaining(1)
                    .getNanosToWaitForRefill();
            if (nanos > 0) {
                return Duration.ofNanos(nanos);
            }
        }
        return Duration.ZERO;
    }

    /** Gives back what a try took that was right. */
    public void giveBack(String name, String address) {
        counted(name, address)
                .forEach(each ->
                        buckets.getProxy(each.key(), each::configuration).addTokens(1));
    }

    /** What has filled up again counts nothing any more. */
    @Scheduled(fixedDelay = 10, initialDelay = 10, timeUnit = TimeUnit.MINUTES)
    void forget() {
        buckets.removeExpired(MOST_FORGOTTEN);
    }
}
