package waypost.app.signin;

import org.springframework.beans.factory.DisposableBean;
import org.springframework.security.authentication.ProviderManager;
import org.springframework.security.config.annotation.web.builders.HttpSecurity;
import org.springframework.security.crypto.password.PasswordEncoder;
import org.springframework.security.web.access.intercept.AuthorizationFilter;
import org.springframework.security.web.authentication.UsernamePasswordAuthenticationFilter;
import org.springframework.security.web.authentication.logout.LogoutHandler;
import org.springframework.stereotype.Component;
import waypost.app.account.Accounts;
import waypost.app.account.SecondFactor;
import waypost.app.account.Sessions;
import waypost.app.account.SignInLog;
import waypost.app.account.Staff;
import waypost.app.account.Throttle;

/** Puts what belongs to signing in into the security chain. */
@Component
public class SigningIn implements DisposableBean {

    private final SignInProvider provider;
    private final Sessions sessions;
    private final SignInLog log;
    private final SignInQueue queue;

    SigningIn(
            Accounts accounts,
            PasswordEncoder encoder,
            SecondFactor secondFactor,
            Throttle throttle,
            Sessions sessions,
            SignInLog log) {
        this.provider = new SignInProvider(accounts, encoder, secondFactor, throttle, log);
        this.sessions = sessions;
        this.log = log;
        this.queue = new SignInQueue(provider);
    }

    /** Name, password and code are taken together, waiting their turn; sessions end at their limit. */
    public HttpSecurity into(HttpSecurity http) {
        // No other way in: not the one that the framework would make of the accounts by itself.
        return http.authenticationManager(new ProviderManager(provider))
                .formLogin(form ->
                        form.authenticationDetailsSource(SignInDetails::of).failureHandler(new SignInRefused()))
                .addFilterBefore(queue, UsernamePasswordAuthenticationFilter.class)
                .addFilterBefore(new SessionLimits(sessions), AuthorizationFilter.class);
    }

    /** Notes that somebody signed out. */
    public LogoutHandler signedOut() {
        return (request, response, who) -> {
            if (who != null && who.getPrincipal() instanceof Staff staff) {
                log.note(staff.id(), SignInLog.Outcome.SIGNED_OUT, request.getRemoteAddr());
            }
        };
    }

    @Override
    public void destroy() {
        queue.stop();
    }
}
