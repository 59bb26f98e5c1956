package yellowtally.server.doors;

import jakarta.servlet.DispatcherType;
import java.time.Duration;
import java.util.List;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.boot.security.autoconfigure.web.servlet.SecurityFilterProperties;
import org.springframework.boot.web.servlet.FilterRegistrationBean;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import org.springframework.http.HttpStatus;
import org.springframework.security.config.annotation.web.builders.HttpSecurity;
import org.springframework.security.config.annotation.web.configurers.AbstractHttpConfigurer;
import org.springframework.security.config.http.SessionCreationPolicy;
import org.springframework.security.web.SecurityFilterChain;
import org.springframework.security.web.csrf.CookieCsrfTokenRepository;
import org.springframework.security.web.firewall.HttpFirewall;
import org.springframework.security.web.firewall.RequestRejectedHandler;
import org.springframework.security.web.header.HeaderWriterFilter;
import org.springframework.security.web.header.writers.ReferrerPolicyHeaderWriter.ReferrerPolicy;
import yellowtally.server.signin.Accounts;
import yellowtally.server.signin.NotAllowed;
import yellowtally.server.signin.StillSignedIn;
import yellowtally.server.signin.WhoMay;
import yellowtally.server.support.PageAddresses;
import yellowtally.server.support.Problems;
import yellowtally.server.support.TakesFiles;

/** What every request passes, in this order: its address, headers, strangers, rule of the address, body, waiting room. */
@Configuration
class Doors {

    /** Styles are written into the page by the screens themselves; scripts are not. */
    private static final String ONLY_FROM_HERE =
            "default-src 'self'; script-src 'self'; style-src 'self' 'unsafe-inline';"
                    + " img-src 'self' data:; font-src 'self' data:; connect-src 'self'; object-src 'none'; base-uri 'none';"
                    + " form-action 'self'; frame-ancestors 'none'";

    @Bean
    SecurityFilterChain strangersOut(
            HttpSecurity http,
            KnownNames names,
            PageAddresses page,
            List<TakesFiles> takers,
            Problems problems,
            WhoMay whoMay,
            NotAllowed notAllowed,
            Accounts accounts,
            CookieCsrfTokenRepository marks) {
        return http.authorizeHttpRequests(all -> {
                    // What went wrong is told; nobody outside can ask for that.
                    all.dispatcherTypeMatchers(DispatcherType.ERROR).permitAll();
                    all.requestMatchers(page).permitAll();
                    whoMay.apply(all);
                    all.anyRequest().denyAll();
                })
                .csrf(form -> form.spa()
                        .csrfTokenRepository(marks)
                        // Whoever is not signed in has no mark yet; pages of other sites are refused by their origin.
                        .ignoringRequestMatchers(
                                "/api/sign-in", "/api/sign-in/pin", "/api/set-up", "/api/set-up/fleet-file"))
                .exceptionHandling(refusals ->
                        refusals.authenticationEntryPoint(notAllowed).accessDeniedHandler(notAllowed))
                .logout(AbstractHttpConfigurer::disable)
                .requestCache(AbstractHttpConfigurer::disable)
                .sessionManagement(session -> session.sessionCreationPolicy(SessionCreationPolicy.NEVER))
                .headers(headers -> headers.contentSecurityPolicy(policy -> policy.policyDirectives(ONLY_FROM_HERE))
                        .referrerPolicy(referrer -> referrer.policy(ReferrerPolicy.NO_REFERRER)))
                .addFilterAfter(new StrangersOut(names, page, takers, problems), HeaderWriterFilter.class)
                .addFilterAfter(new StillSignedIn(accounts, page), StrangersOut.class)
                .build();
    }

    /** The mark that a page of ours shows with each write: a page of another site cannot read it. */
    @Bean
    CookieCsrfTokenRepository marks(@Value("${server.servlet.session.cookie.name}") String session) {
        CookieCsrfTokenRepository marks = CookieCsrfTokenRepository.withHttpOnlyFalse();
        marks.setCookieName(session + "-mark");
        marks.setHeaderName("X-Mark");
        marks.setCookieCustomizer(cookie -> cookie.sameSite("Strict"));
        return marks;
    }

    @Bean
    HttpFirewall strictAddresses() {
        return new StrictAddresses();
    }

    @Bean
    RequestRejectedHandler refusesAddresses(Problems problems) {
        return (request, response, rejected) -> problems.write(request, response, HttpStatus.BAD_REQUEST, "unreadable");
    }

    @Bean
    FilterRegistrationBean<WholeBodies> wholeBodies(
            @Value("${yellowtally.body-within}") Duration deadline,
            Incoming incoming,
            List<TakesFiles> takers,
            Problems problems) {
        FilterRegistrationBean<WholeBodies> door =
                new FilterRegistrationBean<>(new WholeBodies(deadline, incoming, takers, problems));
        door.setOrder(SecurityFilterProperties.DEFAULT_FILTER_ORDER + 1);
        door.setDispatcherTypes(DispatcherType.REQUEST);
        return door;
    }

    @Bean
    FilterRegistrationBean<WaitingRoom> waitingRoom(
            @Value("${yellowtally.at-work}") int atWork,
            @Value("${yellowtally.wait}") Duration patience,
            PageAddresses page,
            Problems problems) {
        FilterRegistrationBean<WaitingRoom> door =
                new FilterRegistrationBean<>(new WaitingRoom(atWork, patience, page, problems));
        door.setOrder(SecurityFilterProperties.DEFAULT_FILTER_ORDER + 2);
        door.setDispatcherTypes(DispatcherType.REQUEST, DispatcherType.ASYNC);
        return door;
    }
}
