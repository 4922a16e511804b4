package waypost.app.account;

import java.nio.charset.StandardCharsets;
import java.security.MessageDigest;
import java.security.SecureRandom;
import java.util.Base64;
import java.util.UUID;
import org.apache.commons.codec.digest.DigestUtils;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;
import waypost.app.entry.FormProblem;
import waypost.app.store.NotFoundException;

/** Links that work once, for three days. Only hashes are kept, of the link's secret and of the number told beside it. */
@Component
class OneTimeLinks {

    private static final int SECRET_BYTES = 24;
    private static final int SPOKEN_BELOW = 100_000_000;

    private final AccountMapper mapper;
    private final SecureRandom random = new SecureRandom();

    OneTimeLinks(AccountMapper mapper) {
        this.mapper = mapper;
    }

    /** What the owner needs: the link's secret, and eight digits that reach them another way than the link. */
    record Link(String secret, String spoken) {}

    /** Makes the secret that sets up the clinic. It is read from the machine's own console, so no number goes with it. */
    String first() {
        String secret = secret();
        mapper.insertInvitation(DigestUtils.sha256Hex(secret), null, null);
        return secret;
    }

    /** Makes a link by which an account's owner sets a password; the ones before are good for nothing any more. */
    Link forAccount(UUID account) {
        Link link = new Link(secret(), "%08d".formatted(random.nextInt(SPOKEN_BELOW)));
        mapper.spendInvitations(account);
        mapper.insertInvitation(DigestUtils.sha256Hex(link.secret()), account, DigestUtils.sha256Hex(link.spoken()));
        return link;
    }

    InvitationRow find(String secret) {
        return mapper.findInvitation(DigestUtils.sha256Hex(secret)).orElseThrow(NotFoundException::new);
    }

    /** Refuses a link without its number; the fifth wrong one spends it. Counting holds only if the caller commits. */
    void requireSpoken(InvitationRow link, @Nullable String said) {
        String expected = link.spokenHash();
        if (expected == null) {
            return;
        }
        String digits = said == null ? "" : said.replaceAll("\\D", "");
        if (!MessageDigest.isEqual(
                DigestUtils.sha256Hex(digits).getBytes(StandardCharsets.US_ASCII),
                expected.getBytes(StandardCharsets.US_ASCII))) {
            mapper.countWrong(link.secretHash());
            throw new FormProblem(
                    "spoken",
                    "That is not the number that belongs to this link. After five wrong ones it works no more.");
        }
    }

    /** Spends the link; of two at once only one gets through. */
    void use(InvitationRow link) {
        if (mapper.useInvitation(link.secretHash()) == 0) {
            throw new NotFoundException();
        }
    }

    private String secret() {
        byte[] bytes = new byte[SECRET_BYTES];
        random.nextBytes(bytes);
        return Base64.getUrlEncoder().withoutPadding().encodeToString(bytes);
    }
}
