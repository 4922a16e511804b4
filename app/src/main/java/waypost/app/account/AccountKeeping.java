package waypost.app.account;

import java.util.List;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import org.springframework.transaction.support.TransactionSynchronization;
import org.springframework.transaction.support.TransactionSynchronizationManager;
import waypost.app.entry.FormProblem;
import waypost.app.store.NotFoundException;

/** Closes accounts, gives new links, changes passwords; whoever was signed in by what ended is signed out at once. */
@Service
class AccountKeeping {

    private final AccountMapper mapper;
    private final OneTimeLinks links;
    private final Passwords passwords;
    private final SecondFactor secondFactor;
    private final Sessions sessions;

    AccountKeeping(
            AccountMapper mapper,
            OneTimeLinks links,
            Passwords passwords,
            SecondFactor secondFactor,
            Sessions sessions) {
        this.mapper = mapper;
        this.links = links;
        this.passwords = passwords;
        this.secondFactor = secondFactor;
        this.sessions = sessions;
    }

    /** Closes an account of the clinic: its sessions end, its links are good for nothing, and it signs in no more. */
    @Transactional
    public void close(Staff by, UUID accountId) {
        AccountRow account = checked(by, accountId);
        mapper.close(account.id());
        mapper.spendInvitations(account.id());
        note(account.id(), AccountEvent.CLOSED, by);
        afterwards(() -> sessions.endAll(account.signInName()));
    }

    /** Makes a link by which the owner sets a new password; the one before goes on until then. */
    @Transactional
    public OneTimeLinks.Link link(Staff by, UUID accountId) {
        AccountRow account = checked(by, accountId);
        requireOpen(account);
        note(account.id(), AccountEvent.LINK_MADE, by);
        return links.forAccount(account.id());
    }

    /** Takes the time code off an account whose owner lost telephone and recovery codes. */
    @Transactional
    public void removeSecondFactor(Staff by, UUID accountId) {
        AccountRow account = checked(by, accountId);
        requireOpen(account);
        secondFactor.remove(account.id());
        note(account.id(), AccountEvent.SECOND_FACTOR_REMOVED, by);
    }

    /** Demands a time code of everybody in the clinic from their next sign-in on, or leaves it to them. */
    @Transactional
    public void demandSecondFactor(Staff by, boolean demands) {
        mapper.updateDemand(by.clinicId(), demands);
        note(by.id(), demands ? AccountEvent.SECOND_FACTOR_DEMANDED : AccountEvent.SECOND_FACTOR_LEFT_FREE, by);
    }

    /** Uses a link to set a password. Whoever was signed in by the old one is signed out. */
    @Transactional(noRollbackFor = FormProblem.class)
    public void setPassword(String secret, @Nullable String spoken, String password) {
        InvitationRow link = links.find(secret);
        AccountRow account = link.account().flatMap(mapper::find).orElseThrow(NotFoundException::new);
        links.requireSpoken(link, spoken);
        String hash = passwords.hash(password, List.of(account.signInName(), account.displayName()));
        links.use(link);
        mapper.updatePassword(account.id(), hash);
        mapper.insertEvent(UUID.randomUUID(), account.id(), AccountEvent.PASSWORD_SET, account.id());
        afterwards(() -> sessions.endAll(account.signInName()));
    }

    /** Changes one's own password, once the one before was given; every other session of the account ends. */
    @Transactional
    public void changePassword(Staff staff, String wanted, String thisSession) {
        String standing = mapper.findBySignInName(staff.signInName())
                .orElseThrow(NotFoundException::new)
                .hash();
        if (passwords.matches(wanted, standing)) {
            throw new FormProblem("password", "Found the password that stands already. Choose another.");
        }
        mapper.updatePassword(
                staff.id(), passwords.hash(wanted, List.of(staff.signInName(), staff.name(), staff.clinicName())));
        note(staff.id(), AccountEvent.PASSWORD_CHANGED, staff);
        afterwards(() -> sessions.endOthers(staff.signInName(), thisSession));
    }

    /** Once the change holds: a session that is stored later is looked at again by whoever stores it. */
    private static void afterwards(Runnable end) {
        TransactionSynchronizationManager.registerSynchronization(new TransactionSynchronization() {
            @Override
            public void afterCommit() {
                end.run();
            }
        });
    }

    private void note(UUID account, AccountEvent what, Staff by) {
        mapper.insertEvent(UUID.randomUUID(), account, what, by.id());
    }

    private static void requireOpen(AccountRow account) {
        if (!account.active()) {
            throw new FormProblem("account", "This account is closed. Add another one under a new sign-in name.");
        }
    }

    private AccountRow checked(Staff by, UUID accountId) {
        AccountRow account = mapper.findByClinic(by.clinicId()).stream()
                .filter(one -> one.id().equals(accountId))
                .findFirst()
                .orElseThrow(NotFoundException::new);
        if (account.id().equals(by.id())) {
            throw new FormProblem("account", "This is your own account. Ask another lead or administrator.");
        }
        if (account.role() == StaffRole.LEAD && by.role() != StaffRole.LEAD) {
            throw new FormProblem("account", "Only a lead closes a lead's account or gives it a link.");
        }
        return account;
    }
}
