package waypost.app.shell;

import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import org.springframework.security.config.annotation.method.configuration.EnableMethodSecurity;
import org.springframework.security.config.annotation.web.builders.HttpSecurity;
import org.springframework.security.crypto.bcrypt.BCryptPasswordEncoder;
import org.springframework.security.crypto.password.PasswordEncoder;
import org.springframework.security.web.SecurityFilterChain;
import org.springframework.security.web.header.writers.ReferrerPolicyHeaderWriter.ReferrerPolicy;
import org.springframework.security.web.header.writers.StaticHeadersWriter;
import waypost.app.account.PasswordFreshness;

/** Who gets in, and what a browser may load. */
@Configuration
@EnableMethodSecurity
class SecurityConfiguration {

    /** Every answer says that it is ours, so that a page of somebody between is not taken for one. */
    private static final String OURS = "X-Waypost";

    static final String CONTENT_POLICY =
            "default-src 'none'; script-src 'self'; style-src 'self'; img-src 'self' data:;"
                    + " font-src 'self'; connect-src 'self'; form-action 'self'; base-uri 'none'; frame-ancestors 'none'";

    @Bean
    PasswordEncoder passwordEncoder() {
        return new BCryptPasswordEncoder();
    }

    @Bean
    SecurityFilterChain chain(HttpSecurity http, PasswordFreshness freshness) {
        SignedOut signedOut = new SignedOut();
        return http.authorizeHttpRequests(requests -> requests.requestMatchers(
                                "/sign-in", "/session/token", "/setup/**", "/assets/**", "/actuator/health", "/error")
                        .permitAll()
                        .requestMatchers("/today/**", "/courses/**", "/finder")
                        .hasAuthority("SEE_PATIENTS")
                        .anyRequest()
                        .authenticated())
                .formLogin(form -> form.loginPage("/sign-in")
                        .usernameParameter("name")
                        .passwordParameter("password")
                        .successHandler(new SignInSucceeded(freshness)))
                .logout(logout -> logout.logoutUrl("/sign-out").logoutSuccessUrl("/sign-in?out"))
                .exceptionHandling(
                        errors -> errors.authenticationEntryPoint(signedOut).accessDeniedHandler(signedOut))
                .headers(headers -> headers.addHeaderWriter(new StaticHeadersWriter(OURS, "1"))
                        .contentSecurityPolicy(csp -> csp.policyDirectives(CONTENT_POLICY))
                        .referrerPolicy(referrer -> referrer.policy(ReferrerPolicy.SAME_ORIGIN)))
                .build();
    }
}
