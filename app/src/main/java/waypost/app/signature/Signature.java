package waypost.app.signature;

import java.time.Instant;
import java.util.UUID;
import org.apache.commons.codec.digest.DigestUtils;
import waypost.app.account.Staff;

/** What somebody puts their name to: the wording, and the evidence that was shown. */
public record Signature(
        UUID id, UUID courseId, Kind kind, String wording, String evidence, UUID signedBy, Instant signedAt) {

    /** What is signed. */
    public enum Kind {
        REFERRAL,
        REFERRAL_CHANGE,
        ADVANCE,
        HOLD_END,
        NOTE,
        COUNTERSIGN,
        REPORT,
        VERSION
    }

    public static Signature of(UUID courseId, Kind kind, String wording, String evidence, Staff by, Instant at) {
        return new Signature(UUID.randomUUID(), courseId, kind, wording, evidence, by.id(), at);
    }

    /** SHA-256 over the wording and the evidence. */
    public String evidenceHash() {
        return hash(wording, evidence);
    }

    public static String hash(String wording, String evidence) {
        return DigestUtils.sha256Hex(wording + "\n\n" + evidence);
    }
}
