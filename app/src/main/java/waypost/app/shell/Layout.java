package waypost.app.shell;

import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.util.Optional;
import org.jspecify.annotations.Nullable;
import org.springframework.core.env.Environment;
import org.springframework.core.env.Profiles;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.ControllerAdvice;
import org.springframework.web.bind.annotation.ModelAttribute;
import org.thymeleaf.web.servlet.JakartaServletWebApplication;
import waypost.app.account.DateOrder;
import waypost.app.account.Permission;
import waypost.app.account.Staff;

/** What the layout shows on every page. */
@ControllerAdvice
class Layout {

    private final boolean demo;
    private final KeptFragments fragments;

    Layout(Environment environment, KeptFragments fragments) {
        this.demo = environment.acceptsProfiles(Profiles.of("demo"));
        this.fragments = fragments;
    }

    /** Who is signed in, what they may do, and whether this is the demo. */
    public record Shell(Optional<Staff> staff, boolean demo) {

        /** The order in which dates are asked for; of a session older than the choice the one that stood then. */
        public DateOrder dateOrder() {
            return staff.map(Staff::dateOrder).orElse(DateOrder.DAY_FIRST);
        }

        public boolean may(String permission) {
            return staff.map(s -> s.may(Permission.valueOf(permission))).orElse(false);
        }
    }

    @ModelAttribute("shell")
    Shell shell(@AuthenticationPrincipal @Nullable Staff staff) {
        return new Shell(Optional.ofNullable(staff), demo);
    }

    /** Parts of the page that are drawn once for equal values. */
    @ModelAttribute("kept")
    Kept kept(HttpServletRequest request, HttpServletResponse response) {
        return new Kept(
                fragments,
                JakartaServletWebApplication.buildApplication(request.getServletContext())
                        .buildExchange(request, response));
    }
}
