package waypost.app.account;

import com.eatthepath.otp.TimeBasedOneTimePasswordGenerator;
import java.nio.charset.StandardCharsets;
import java.security.InvalidKeyException;
import java.security.SecureRandom;
import java.time.Instant;
import java.time.InstantSource;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.UUID;
import java.util.stream.LongStream;
import java.util.stream.Stream;
import javax.crypto.spec.SecretKeySpec;
import org.apache.commons.codec.binary.Base32;
import org.apache.commons.codec.digest.DigestUtils;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import waypost.app.entry.FormProblem;

/**
 * The second fact at a sign-in: six digits that change every half minute (RFC 6238: SHA-1, 30 s, one step of tolerance
 * either way, no step taken twice), or one of ten recovery codes, each good once.
 */
@Service
public class SecondFactor {

    private static final int SECRET_BYTES = 20;
    private static final int RECOVERY_CODES = 10;
    private static final int RECOVERY_BYTES = 10;

    private final SecondFactorMapper mapper;
    private final AccountMapper accounts;
    private final InstantSource time;
    private final SecretSeal seal;
    private final TimeBasedOneTimePasswordGenerator generator = new TimeBasedOneTimePasswordGenerator();
    private final SecureRandom random = new SecureRandom();

    SecondFactor(SecondFactorMapper mapper, AccountMapper accounts, InstantSource time, SecretSeal seal) {
        this.mapper = mapper;
        this.accounts = accounts;
        this.time = time;
        this.seal = seal;
    }

    /** What a code given at a sign-in was. */
    public enum Verdict {
        NONE_NEEDED,
        TIME_CODE,
        RECOVERY_CODE,
        REFUSED
    }

    /** Judges the code, and spends it. An account without a second factor needs none. */
    @Transactional
    public Verdict judge(UUID account, String given) {
        Optional<SecondFactorRow> factor = of(account).filter(SecondFactorRow::confirmed);
        if (factor.isEmpty()) {
            return Verdict.NONE_NEEDED;
        }
        String code = given.replaceAll("[\\s-]", "").toUpperCase(Locale.ROOT);
        if (step(factor.get(), code).stream().anyMatch(step -> mapper.spendStep(account, step) == 1)) {
            return Verdict.TIME_CODE;
        }
        return mapper.spendRecovery(account, DigestUtils.sha256Hex(code)) == 1
                ? Verdict.RECOVERY_CODE
                : Verdict.REFUSED;
    }

    /** Whether the clinic demands a second factor that this account does not have. */
    public boolean isMissing(Staff staff) {
        return accounts.demandsSecondFactor(staff.clinicId())
                && mapper.find(staff.id()).filter(SecondFactorRow::confirmed).isEmpty();
    }

    /** What is kept of it, with its secret as it is used. */
    Optional<SecondFactorRow> of(UUID account) {
        return mapper.find(account).map(row -> {
            if (seal.isOpen(row.secret())) {
                mapper.seal(account, row.secret(), seal.sealed(row.secret()));
            }
            return row.withSecret(seal.opened(row.secret()));
        });
    }

    /** Makes a secret that counts only once its owner has proved to have it; a confirmed one is never overwritten. */
    @Transactional
    public void begin(Staff staff) {
        byte[] secret = new byte[SECRET_BYTES];
        random.nextBytes(secret);
        mapper.offer(staff.id(), seal.sealed(secret));
    }

    /** Confirms the secret by a code made with it, and returns the recovery codes, which are shown this once. */
    @Transactional
    public List<String> confirm(Staff staff, String code) {
        SecondFactorRow offered = of(staff.id())
                .filter(row -> !row.confirmed())
                .orElseThrow(() -> new FormProblem("code", "Begin again: there is no time code to confirm here."));
        long step = step(offered, code.replaceAll("\\s", ""))
                .orElseThrow(() -> new FormProblem(
                        "code", "That code doesn't fit. Check the telephone's clock and give the one it shows now."));
        mapper.confirm(staff.id(), step);
        List<String> codes =
                Stream.generate(this::recoveryCode).limit(RECOVERY_CODES).toList();
        mapper.deleteRecovery(staff.id());
        codes.forEach(one -> mapper.insertRecovery(staff.id(), DigestUtils.sha256Hex(one.replace("-", ""))));
        accounts.insertEvent(UUID.randomUUID(), staff.id(), AccountEvent.SECOND_FACTOR_SET, staff.id());
        return codes;
    }

    /** Takes one's own off, unless the clinic demands it. */
    @Transactional
    public void removeOwn(Staff staff) {
        if (accounts.demandsSecondFactor(staff.clinicId())) {
            throw new FormProblem(
                    "secondFactor", "Your clinic demands a time code. A lead can take it off for a new one.");
        }
        remove(staff.id());
        accounts.insertEvent(UUID.randomUUID(), staff.id(), AccountEvent.SECOND_FACTOR_REMOVED, staff.id());
    }

    void remove(UUID account) {
        mapper.delete(account);
        mapper.deleteRecovery(account);
    }

    private Optional<Long> step(SecondFactorRow factor, String code) {
        long now = time.instant().getEpochSecond() / generator.getTimeStep().toSeconds();
        return LongStream.rangeClosed(now - 1, now + 1)
                .filter(step -> step > factor.lastStep()
                        && codeAt(factor.secret(), step).equals(code))
                .boxed()
                .findFirst();
    }

    private String codeAt(byte[] secret, long step) {
        try {
            return generator.generateOneTimePasswordString(
                    new SecretKeySpec(secret, generator.getAlgorithm()),
                    Instant.ofEpochSecond(step * generator.getTimeStep().toSeconds()));
        } catch (InvalidKeyException impossible) {
            throw new IllegalStateException(impossible);
        }
    }

    private String recoveryCode() {
        byte[] bytes = new byte[RECOVERY_BYTES];
        random.nextBytes(bytes);
        String letters = new String(new Base32().encode(bytes), StandardCharsets.US_ASCII);
        return letters.replaceAll("(.{4})(?=.)", "$1-");
    }
}
