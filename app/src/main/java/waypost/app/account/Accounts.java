package waypost.app.account;

import java.time.DateTimeException;
import java.time.DayOfWeek;
import java.time.ZoneId;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.UUID;
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

    private final AccountMapper mapper;
    private final Passwords passwords;
    private final OneTimeLinks links;

    Accounts(AccountMapper mapper, Passwords passwords, OneTimeLinks links) {
        this.mapper = mapper;
        this.links = links;
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

    /** Whether this is the password that the account has now; a session may be older than it. */
    public boolean passwordMatches(Staff staff, String password) {
        return mapper.findBySignInName(staff.signInName())
                .filter(now -> passwords.matches(password, now.hash()))
                .isPresent();
    }

    public List<AccountRow> ofClinic(UUID clinicId) {
        return mapper.findByClinic(clinicId);
    }

    /** Whether an account is open and has the password still that somebody signed in with. */
    public boolean stillStands(Staff staff) {
        return mapper.findBySignInName(staff.signInName())
                .filter(now -> now.hash().equals(staff.hash()))
                .isPresent();
    }

    boolean demandsSecondFactor(Staff staff) {
        return mapper.demandsSecondFactor(staff.clinicId());
    }

    DateOrder dateOrder(Staff staff) {
        return mapper.dateOrder(staff.clinicId());
    }

    /** Sets the order in which everybody of the clinic is asked for a date, from their next sign-in on. */
    @Transactional
    public void orderDates(Staff by, @Nullable DateOrder order) {
        if (order == null) {
            throw new FormProblem("order", "Choose an order from the list.");
        }
        mapper.updateDateOrder(by.clinicId(), order);
    }

    public boolean isSetUp() {
        return mapper.anyClinic();
    }

    /** Adds an account without a password and returns the link that sets it. */
    @Transactional
    OneTimeLinks.Link invite(Staff by, NewAccount wanted) {
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
        return links.forAccount(id);
    }

    /** Uses the first link to make the clinic and its first account, a lead. */
    @Transactional
    public void setUp(String secret, FirstSetUp first) {
        mapper.lockSetUp();
        InvitationRow link = links.find(secret);
        if (link.account().isPresent() || isSetUp()) {
            throw new NotFoundException();
        }
        String hash = passwords.hash(first.password(), List.of(first.signInName(), first.name(), first.clinicName()));
        UUID clinic = addClinic(first.clinicName(), first.zone(), first.closedDays());
        links.use(link);
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
                passwords.hash(password, List.of(wanted.signInName(), wanted.name())));
        if (added == 0) {
            throw new FormProblem("signInName", "Found '" + wanted.signInName() + "', which is taken.");
        }
        return id;
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
