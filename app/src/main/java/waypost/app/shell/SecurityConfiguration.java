package waypost.app.shell;

import org.springframework.boot.session.autoconfigure.DefaultCookieSerializerCustomizer;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import org.springframework.security.config.annotation.method.configuration.EnableMethodSecurity;
import org.springframework.security.config.annotation.web.builders.HttpSecurity;
import org.springframework.security.crypto.bcrypt.BCryptPasswordEncoder;
import org.springframework.security.crypto.password.PasswordEncoder;
import org.springframework.security.web.SecurityFilterChain;
import org.springframework.security.web.csrf.CookieCsrfTokenRepository;
import org.springframework.security.web.header.writers.ReferrerPolicyHeaderWriter.ReferrerPolicy;
import org.springframework.security.web.header.writers.StaticHeadersWriter;
import waypost.app.account.PasswordFreshness;
import waypost.app.account.SecondFactor;
import waypost.app.account.Sessions;
import waypost.app.signin.SigningIn;

/** Who gets in, and what a browser may load. */
@Configuration
@EnableMethodSecurity
class SecurityConfiguration {

    /** Every answer says that it is ours, so that a page of somebody between is not taken for one. */
    private static final String OURS = "X-Waypost";

    /** What anybody reaches; what is measured is only there on the management port. */
    private static final String[] OPEN = {
        "/sign-in",
        "/session/token",
        "/setup/**",
        "/assets/**",
        "/live",
        "/ready",
        "/actuator/**",
        "/error",
        "/home",
        "/home/**"
    };

    /** Patients have no session here: their telephone's own cookie is never sent from another site, and these take JSON. */
    private static final String[] FROM_TELEPHONES = {"/home/open", "/home/reports", "/home/times", "/home/close"};

    static final String CONTENT_POLICY =
            "default-src 'none'; script-src 'self'; style-src 'self'; img-src 'self' data:;"
                    + " font-src 'self'; connect-src 'self'; manifest-src 'self'; form-action 'self'; base-uri 'none'; frame-ancestors 'none'";

    @Bean
    PasswordEncoder passwordEncoder() {
        return new BCryptPasswordEncoder();
    }

    /** The session's cookie is its id as it is: whatever else somebody writes there is no session. */
    @Bean
    DefaultCookieSerializerCustomizer plainCookie() {
        return cookie -> cookie.setUseBase64Encoding(false);
    }

    @Bean
    SecurityFilterChain chain(
            HttpSecurity http,
            SigningIn signingIn,
            PasswordFreshness freshness,
            Sessions sessions,
            SecondFactor secondFactor) {
        SignedOut signedOut = new SignedOut();
        return signingIn
                .into(http)
                .csrf(csrf -> csrf.csrfTokenRepository(tokens()).ignoringRequestMatchers(FROM_TELEPHONES))
                // Where a stranger wanted to go is not kept: no session is stored before somebody signed in.
                .requestCache(cache -> cache.disable())
                .authorizeHttpRequests(requests -> requests.requestMatchers(OPEN)
                        .permitAll()
                        .requestMatchers("/today/**", "/courses/**", "/finder")
                        .hasAuthority("SEE_PATIENTS")
                        .anyRequest()
                        .authenticated())
                .formLogin(form -> form.loginPage("/sign-in")
                        .usernameParameter("name")
                        .passwordParameter("password")
                        .successHandler(new SignInSucceeded(freshness, sessions, secondFactor)))
                .logout(logout -> logout.logoutUrl("/sign-out")
                        .addLogoutHandler(signingIn.signedOut())
                        .logoutSuccessUrl("/sign-in?out"))
                .exceptionHandling(
                        errors -> errors.authenticationEntryPoint(signedOut).accessDeniedHandler(signedOut))
                .headers(headers -> headers.addHeaderWriter(new StaticHeadersWriter(OURS, "1"))
                        .contentSecurityPolicy(csp -> csp.policyDirectives(CONTENT_POLICY))
                        .referrerPolicy(referrer -> referrer.policy(ReferrerPolicy.SAME_ORIGIN)))
                .build();
    }

    /** The form token lives in a cookie of its own, so that whoever only looks at the sign-in page leaves nothing here. */
    private static CookieCsrfTokenRepository tokens() {
        CookieCsrfTokenRepository tokens = new CookieCsrfTokenRepository();
        tokens.setCookieName("waypost-form");
        tokens.setHeaderName("X-CSRF-TOKEN");
        tokens.setCookieCustomizer(cookie -> cookie.httpOnly(true).sameSite("Strict"));
        return tokens;
    }
}
