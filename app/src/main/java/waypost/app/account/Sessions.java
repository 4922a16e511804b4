package waypost.app.account;

import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpSession;
import java.time.Duration;
import java.time.Instant;
import java.time.InstantSource;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.function.Predicate;
import org.apache.commons.codec.digest.DigestUtils;
import org.apache.commons.lang3.StringUtils;
import org.springframework.session.FindByIndexNameSessionRepository;
import org.springframework.session.Session;
import org.springframework.stereotype.Component;

/** Where an account is signed in. No session outlives its limit, however busy it is. */
@Component
public class Sessions {

    /** From the sign-in on, whatever happens meanwhile: a long day's work. */
    static final Duration LONGEST = Duration.ofHours(12);

    private static final String SIGNED_IN_AT = "waypost.signed-in-at";
    private static final String FROM = "waypost.signed-in-from";
    private static final String WITH = "waypost.signed-in-with";
    private static final int LONGEST_WITH = 160;

    private final FindByIndexNameSessionRepository<? extends Session> sessions;
    private final InstantSource time;

    Sessions(FindByIndexNameSessionRepository<? extends Session> sessions, InstantSource time) {
        this.sessions = sessions;
        this.time = time;
    }

    /**
     * One place where an account is signed in.
     *
     * @param handle names it without giving it away
     * @param here whether it is the one that asks
     */
    public record SignedIn(String handle, Instant since, Instant lastUsed, String from, String with, boolean here) {}

    /** Notes when, from where and with which program somebody signed in. */
    public void begin(HttpServletRequest request) {
        HttpSession session = request.getSession();
        session.setAttribute(SIGNED_IN_AT, time.instant());
        session.setAttribute(FROM, request.getRemoteAddr());
        session.setAttribute(
                WITH, StringUtils.abbreviate(StringUtils.defaultString(request.getHeader("User-Agent")), LONGEST_WITH));
    }

    /** Whether the session has come to its limit. */
    public boolean isOver(HttpSession session) {
        return session.getAttribute(SIGNED_IN_AT) instanceof Instant since
                && since.plus(LONGEST).isBefore(time.instant());
    }

    List<SignedIn> of(String signInName, String thisSession) {
        return sessions.findByPrincipalName(signInName).values().stream()
                .map(session -> new SignedIn(
                        handle(session.getId()),
                        session.getCreationTime(),
                        session.getLastAccessedTime(),
                        said(session, FROM),
                        said(session, WITH),
                        session.getId().equals(thisSession)))
                .sorted(Comparator.comparing(SignedIn::lastUsed).reversed())
                .toList();
    }

    private static String said(Session session, String attribute) {
        return Optional.<String>ofNullable(session.getAttribute(attribute)).orElse("");
    }

    /** Ends the one of these sessions that bears this handle; none is no fault, it may have ended by itself. */
    void end(String signInName, String handle) {
        endThose(signInName, id -> handle(id).equals(handle));
    }

    void endOthers(String signInName, String thisSession) {
        endThose(signInName, id -> !id.equals(thisSession));
    }

    public void endAll(String signInName) {
        endThose(signInName, id -> true);
    }

    private void endThose(String signInName, Predicate<String> ending) {
        sessions.findByPrincipalName(signInName).keySet().stream()
                .filter(ending)
                .forEach(sessions::deleteById);
    }

    private static String handle(String sessionId) {
        return DigestUtils.sha256Hex(sessionId).substring(0, 24);
    }
}
