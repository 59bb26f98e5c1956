package yellowtally.server.signin;

import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import jakarta.servlet.http.HttpSession;
import java.time.Clock;
import java.util.List;
import org.springframework.security.authentication.UsernamePasswordAuthenticationToken;
import org.springframework.security.core.authority.SimpleGrantedAuthority;
import org.springframework.security.core.context.SecurityContext;
import org.springframework.security.core.context.SecurityContextHolder;
import org.springframework.security.web.context.HttpSessionSecurityContextRepository;
import org.springframework.security.web.csrf.CookieCsrfTokenRepository;
import org.springframework.stereotype.Component;
import yellowtally.server.people.Acting;
import yellowtally.server.people.Person;

/** Begins and ends sessions. Each begins under a number of its own: nobody comes in with one that was there before. */
@Component
class Sessions {

    /** May change the password, and nothing else. */
    static final String ONE_TIME = "ROLE_ONE_TIME";

    private final HttpSessionSecurityContextRepository kept = new HttpSessionSecurityContextRepository();
    private final CookieCsrfTokenRepository marks;
    private final Clock clock;

    Sessions(CookieCsrfTokenRepository marks, Clock clock) {
        this.marks = marks;
        this.clock = clock;
    }

    Acting begin(
            Credential who, Person person, Device device, HttpServletRequest request, HttpServletResponse response) {
        end(request);
        Acting acting = new Acting(person.id(), who.epoch(), device.id(), device.name(), clock.instant());
        keep(acting, person.role(), who.oneTime(), request, response);
        marks.saveToken(marks.generateToken(request), request, response);
        return acting;
    }

    /** The session goes on under what it is now: another password, another name of the device. */
    void goOn(Acting acting, Person.Role role, HttpServletRequest request, HttpServletResponse response) {
        keep(acting, role, false, request, response);
    }

    private void keep(
            Acting acting,
            Person.Role role,
            boolean oneTime,
            HttpServletRequest request,
            HttpServletResponse response) {
        SecurityContext context = SecurityContextHolder.createEmptyContext();
        String rank = oneTime ? ONE_TIME : "ROLE_" + role.name();
        context.setAuthentication(UsernamePasswordAuthenticationToken.authenticated(
                acting, null, List.of(new SimpleGrantedAuthority(rank))));
        SecurityContextHolder.setContext(context);
        kept.saveContext(context, request, response);
    }

    /** Whoever has its cookie has nothing. */
    static void end(HttpServletRequest request) {
        HttpSession session = request.getSession(false);
        if (session != null) {
            session.invalidate();
        }
        SecurityContextHolder.clearContext();
    }
}
