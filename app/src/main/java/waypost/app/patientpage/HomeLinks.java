package waypost.app.patientpage;

import java.nio.charset.StandardCharsets;
import java.security.MessageDigest;
import java.security.SecureRandom;
import java.time.Instant;
import java.time.LocalDate;
import java.time.ZoneId;
import java.util.Base64;
import java.util.Optional;
import java.util.UUID;
import org.apache.commons.codec.digest.DigestUtils;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import waypost.app.account.Staff;
import waypost.app.account.Throttle;
import waypost.app.shell.ClinicClock;

/**
 * Links by which patients open their own page. A new one puts an end to those before; only hashes are kept, of the link
 * and of what a telephone holds once it has opened it.
 */
@Service
class HomeLinks {

    /** As long as a program may hold, and a little longer. */
    private static final int VALID_DAYS = 60;

    private static final int MOST_WRONG = 5;
    private static final int SECRET_BYTES = 24;

    private final HomeLinkMapper mapper;
    private final Throttle throttle;
    private final ClinicClock clock;
    private final SecureRandom random = new SecureRandom();

    HomeLinks(HomeLinkMapper mapper, Throttle throttle, ClinicClock clock) {
        this.mapper = mapper;
        this.throttle = throttle;
        this.clock = clock;
    }

    /** What came of trying to open a link. */
    enum Tried {
        OPENED,
        WRONG,
        GONE,
        WAIT
    }

    /**
     * @param token what the telephone keeps; blank unless it was opened
     */
    record Opening(Tried tried, String token) {}

    /** Whose page it is. */
    record Whose(UUID courseId, UUID clinicId, ZoneId zone) {}

    /** Makes a link and ends the ones before. */
    @Transactional
    public String make(Staff staff, UUID courseId) {
        String secret = secret();
        mapper.revokeAll(courseId, clock.now());
        mapper.insert(
                DigestUtils.sha256Hex(secret),
                courseId,
                staff.id(),
                clock.now(),
                clock.today(staff).plusDays(VALID_DAYS));
        return secret;
    }

    void revoke(UUID courseId) {
        mapper.revokeAll(courseId, clock.now());
    }

    Optional<HomeLinkMapper.LastRow> last(UUID courseId) {
        return mapper.findLast(courseId);
    }

    /**
     * Tries a birth date at a link. What is refused says nothing of whose link it is, and a link that never was answers as
     * one that is over.
     */
    @Transactional
    public Opening open(String secret, LocalDate birthDate, String address) {
        String hash = DigestUtils.sha256Hex(secret);
        if (!throttle.take("home " + hash, address).isZero()) {
            return new Opening(Tried.WAIT, "");
        }
        Optional<HomeLinkMapper.LinkRow> found = mapper.find(hash).filter(this::holds);
        if (found.isEmpty()) {
            return new Opening(Tried.GONE, "");
        }
        HomeLinkMapper.LinkRow link = found.get();
        if (!same(link.birthDate(), birthDate)) {
            mapper.countWrong(hash);
            return new Opening(link.wrong() + 1 < MOST_WRONG ? Tried.WRONG : Tried.GONE, "");
        }
        throttle.giveBack("home " + hash, address);
        String token = secret();
        mapper.insertSession(DigestUtils.sha256Hex(token), link.courseId(), hash, clock.now());
        return new Opening(Tried.OPENED, token);
    }

    private boolean holds(HomeLinkMapper.LinkRow link) {
        return link.revokedAt() == null
                && link.wrong() < MOST_WRONG
                && !isOver(link.expiresOn(), ZoneId.of(link.zone()));
    }

    private boolean isOver(LocalDate expiresOn, ZoneId zone) {
        return clock.now().atZone(zone).toLocalDate().isAfter(expiresOn);
    }

    private static boolean same(LocalDate one, LocalDate other) {
        return MessageDigest.isEqual(
                one.toString().getBytes(StandardCharsets.US_ASCII),
                other.toString().getBytes(StandardCharsets.US_ASCII));
    }

    /** Whose page a telephone shows; empty when its link was ended or is over. */
    Optional<Whose> whose(String token) {
        return mapper.findSession(DigestUtils.sha256Hex(token)).flatMap(this::whose);
    }

    private Optional<Whose> whose(HomeLinkMapper.SessionRow session) {
        ZoneId zone = ZoneId.of(session.zone());
        return session.revokedAt() == null && !isOver(session.expiresOn(), zone)
                ? Optional.of(new Whose(session.courseId(), session.clinicId(), zone))
                : Optional.empty();
    }

    /** A name under which a calendar fetches the times by itself; empty when the telephone shows no page. */
    @Transactional
    public Optional<String> subscribe(String token) {
        if (whose(token).isEmpty()) {
            return Optional.empty();
        }
        String feed = secret();
        mapper.insertFeed(DigestUtils.sha256Hex(feed), DigestUtils.sha256Hex(token), clock.now());
        return Optional.of(feed);
    }

    /** Whose times a calendar asks for; empty when the link was ended or is over. */
    Optional<Whose> subscribed(String feed) {
        return mapper.findFeed(DigestUtils.sha256Hex(feed)).flatMap(this::whose);
    }

    void close(String token) {
        mapper.deleteSession(DigestUtils.sha256Hex(token));
    }

    private String secret() {
        byte[] bytes = new byte[SECRET_BYTES];
        random.nextBytes(bytes);
        return Base64.getUrlEncoder().withoutPadding().encodeToString(bytes);
    }

    /** For the day on which something is sent. */
    LocalDate today(Whose whose) {
        Instant now = clock.now();
        return now.atZone(whose.zone()).toLocalDate();
    }
}
