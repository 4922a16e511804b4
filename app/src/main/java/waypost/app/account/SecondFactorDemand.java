package waypost.app.account;

import jakarta.servlet.http.HttpSession;

/** A session that may go nowhere but to one's own account until a time code is set up, because the clinic demands one. */
public final class SecondFactorDemand {

    private static final String OPEN = "waypost.second-factor-demanded";

    private SecondFactorDemand() {}

    public static void open(HttpSession session) {
        session.setAttribute(OPEN, true);
    }

    static void met(HttpSession session) {
        session.removeAttribute(OPEN);
    }

    public static boolean isOpen(HttpSession session) {
        return session.getAttribute(OPEN) != null;
    }
}
