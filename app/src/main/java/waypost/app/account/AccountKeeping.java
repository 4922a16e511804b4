package waypost.app.account;

import java.util.UUID;
import org.apache.commons.codec.digest.DigestUtils;
import org.springframework.session.FindByIndexNameSessionRepository;
import org.springframework.session.Session;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import waypost.app.entry.FormProblem;
import waypost.app.store.NotFoundException;

/** Closes accounts and gives a new link to who lost a password; whoever was signed in by them is signed out at once. */
@Service
class AccountKeeping {

    private final AccountMapper mapper;
    private final Accounts accounts;
    private final FindByIndexNameSessionRepository<? extends Session> sessions;

    AccountKeeping(
            AccountMapper mapper, Accounts accounts, FindByIndexNameSessionRepository<? extends Session> sessions) {
        this.mapper = mapper;
        this.accounts = accounts;
        this.sessions = sessions;
    }

    /** Closes an account of the clinic: its sessions end, its links are good for nothing, and it signs in no more. */
    @Transactional
    public void close(Staff by, UUID accountId) {
        AccountRow account = checked(by, accountId);
        mapper.close(account.id());
        mapper.spendInvitations(account.id());
        mapper.insertEvent(UUID.randomUUID(), account.id(), AccountEvent.CLOSED, by.id());
        signOut(account);
    }

    /** Makes the secret of a link by which the owner sets a new password; the one before goes on until then. */
    @Transactional
    public String link(Staff by, UUID accountId) {
        AccountRow account = checked(by, accountId);
        if (!account.active()) {
            throw new FormProblem("account", "This account is closed. Add another one under a new sign-in name.");
        }
        mapper.spendInvitations(account.id());
        mapper.insertEvent(UUID.randomUUID(), account.id(), AccountEvent.LINK_MADE, by.id());
        return accounts.linkFor(account.id());
    }

    /** Uses a link to set a password. Whoever was signed in by the old one is signed out. */
    @Transactional
    public void setPassword(String secret, String password) {
        UUID account = mapper.findInvitation(DigestUtils.sha256Hex(secret))
                .flatMap(InvitationRow::account)
                .orElseThrow(NotFoundException::new);
        accounts.setPassword(secret, password);
        mapper.insertEvent(UUID.randomUUID(), account, AccountEvent.PASSWORD_SET, account);
        mapper.find(account).ifPresent(this::signOut);
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

    private void signOut(AccountRow account) {
        sessions.findByPrincipalName(account.signInName()).keySet().forEach(sessions::deleteById);
    }
}
