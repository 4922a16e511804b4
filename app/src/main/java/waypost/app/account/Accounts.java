package waypost.app.account;

import java.security.SecureRandom;
import java.time.DateTimeException;
import java.time.DayOfWeek;
import java.time.ZoneId;
import java.util.Arrays;
import java.util.Base64;
import java.util.List;
import java.util.Locale;
import java.util.UUID;
import org.apache.commons.codec.digest.DigestUtils;
import org.jspecify.annotations.Nullable;
import org.springframework.security.core.userdetails.UserDetailsService;
import org.springframework.security.core.userdetails.UsernameNotFoundException;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import waypost.app.entry.Entered;
import waypost.app.entry.FormProblem;
import waypost.app.store.NotFoundException;

/** Accounts, their one-time links, and the clinic's first set-up. */
@Service
public class Accounts implements UserDetailsService {

    private static final int SECRET_BYTES = 24;

    private final AccountMapper mapper;
    private final Passwords passwords;
    private final SecureRandom random = new SecureRandom();

    Accounts(AccountMapper mapper, Passwords passwords) {
        this.mapper = mapper;
        this.passwords = passwords;
    }

    /** What the first set-up needs. */
    public record FirstSetUp(
            String clinicName, String zone, String closedDays, String signInName, String name, String password) {
        public FirstSetUp {
            clinicName = Entered.text(clinicName);
            zone = Entered.text(zone);
            closedDays = Entered.text(closedDays);
            signInName = Entered.text(signInName);
            name = Entered.text(name);
            password = Entered.text(password);
        }
    }

    /** A new account as it is asked for. */
    public record NewAccount(
            String signInName, String name, @Nullable StaffRole role) {
        public NewAccount {
            signInName = Entered.text(signInName);
            name = Entered.text(name);
        }

        StaffRole readRole() {
            if (role == null) {
                throw new FormProblem("role", "Choose a role from the list.");
            }
            return role;
        }
    }

    @Override
    public Staff loadUserByUsername(String signInName) {
        return mapper.findBySignInName(signInName.strip().toLowerCase(Locale.ROOT))
                .orElseThrow(() -> new UsernameNotFoundException("no such account"));
    }

    public boolean passwordMatches(Staff staff, String password) {
        return passwords.matches(password, staff.hash());
    }

    public List<AccountRow> ofClinic(UUID clinicId) {
        return mapper.findByClinic(clinicId);
    }

    public boolean isSetUp() {
        return mapper.anyClinic();
    }

    /** Makes a one-time link's secret; only its hash is kept. Without an account it sets up the clinic. */
    @Transactional
    public String inviteFirst() {
        String secret = secret();
        mapper.insertInvitation(DigestUtils.sha256Hex(secret), null);
        return secret;
    }

    /** Adds an account without a password and returns the secret of the link that sets it. */
    @Transactional
    public String invite(Staff by, NewAccount wanted) {
        UUID id = UUID.randomUUID();
        String signInName = checkedSignInName(wanted.signInName());
        if (wanted.readRole() == StaffRole.LEAD && by.role() != StaffRole.LEAD) {
            throw new FormProblem("role", "Only a lead makes another lead. Choose another role, or ask the lead.");
        }
        int added = mapper.insert(id, by.clinicId(), signInName, checkedName(wanted.name()), wanted.readRole(), null);
        if (added == 0) {
            throw new FormProblem("signInName", "Found '" + signInName + "', which is taken. Choose another.");
        }
        mapper.insertEvent(UUID.randomUUID(), id, AccountEvent.ADDED, by.id());
        return linkFor(id);
    }

    /** Makes the secret of a one-time link for an account. */
    String linkFor(UUID account) {
        String secret = secret();
        mapper.insertInvitation(DigestUtils.sha256Hex(secret), account);
        return secret;
    }

    /** Whether the secret is good, and whether it sets up the clinic. */
    public boolean setsUpClinic(String secret) {
        InvitationRow invitation =
                mapper.findInvitation(DigestUtils.sha256Hex(secret)).orElseThrow(NotFoundException::new);
        return invitation.account().isEmpty();
    }

    /** Uses a link to set an invited account's password. */
    @Transactional
    void setPassword(String secret, String password) {
        InvitationRow invitation =
                mapper.findInvitation(DigestUtils.sha256Hex(secret)).orElseThrow(NotFoundException::new);
        UUID account = invitation.account().orElseThrow(NotFoundException::new);
        String hash = passwords.hash(password);
        use(secret);
        mapper.updatePassword(account, hash);
    }

    /** Uses the first link to make the clinic and its first account, a lead. */
    @Transactional
    public void setUp(String secret, FirstSetUp first) {
        mapper.lockSetUp();
        if (!setsUpClinic(secret) || isSetUp()) {
            throw new NotFoundException();
        }
        String hash = passwords.hash(first.password());
        UUID clinic = addClinic(first.clinicName(), first.zone(), first.closedDays());
        use(secret);
        mapper.insert(
                UUID.randomUUID(),
                clinic,
                checkedSignInName(first.signInName()),
                checkedName(first.name()),
                StaffRole.LEAD,
                hash);
    }

    /** Adds a clinic. */
    @Transactional
    public UUID addClinic(String name, String zone, String closedDays) {
        UUID id = UUID.randomUUID();
        mapper.insertClinic(id, checkedName(name), checkedZone(zone), checkedDays(closedDays));
        return id;
    }

    /** Adds an account with a password. */
    @Transactional
    public UUID add(UUID clinicId, NewAccount wanted, String password) {
        UUID id = UUID.randomUUID();
        int added = mapper.insert(
                id,
                clinicId,
                checkedSignInName(wanted.signInName()),
                checkedName(wanted.name()),
                wanted.readRole(),
                passwords.hash(password));
        if (added == 0) {
            throw new FormProblem("signInName", "Found '" + wanted.signInName() + "', which is taken.");
        }
        return id;
    }

    private void use(String secret) {
        if (mapper.useInvitation(DigestUtils.sha256Hex(secret)) == 0) {
            throw new NotFoundException();
        }
    }

    private String secret() {
        byte[] bytes = new byte[SECRET_BYTES];
        random.nextBytes(bytes);
        return Base64.getUrlEncoder().withoutPadding().encodeToString(bytes);
    }

    private static String checkedName(String name) {
        String stripped = name.strip();
        if (stripped.isEmpty() || stripped.length() > 120) {
            throw new FormProblem("name", "Found " + stripped.length() + " characters, allowed: 1 to 120.");
        }
        return stripped;
    }

    private static String checkedSignInName(String name) {
        String lower = name.strip().toLowerCase(Locale.ROOT);
        if (!lower.matches("[a-z0-9][a-z0-9._-]{2,39}")) {
            throw new FormProblem(
                    "signInName", "Found '" + lower + "', allowed: 3 to 40 letters, digits, dots, hyphens.");
        }
        return lower;
    }

    private static String checkedZone(String zone) {
        try {
            return ZoneId.of(zone.strip()).getId();
        } catch (DateTimeException unknown) {
            throw new FormProblem("zone", "Found '" + zone.strip() + "', allowed: a time zone such as Europe/Lisbon.");
        }
    }

    private static String checkedDays(String days) {
        List<String> weekdays =
                Arrays.stream(DayOfWeek.values()).map(DayOfWeek::name).toList();
        List<String> closed = Arrays.stream(days.split(","))
                .map(day -> day.strip().toUpperCase(Locale.ROOT))
                .filter(day -> !day.isEmpty())
                .toList();
        if (!weekdays.containsAll(closed)) {
            throw new FormProblem(
                    "closedDays", "Found '" + days.strip() + "', allowed: weekdays such as saturday, sunday.");
        }
        return String.join(",", closed);
    }
}
