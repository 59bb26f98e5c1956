package yellowtally.server.signin;

import jakarta.servlet.FilterChain;
import jakarta.servlet.ServletException;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.util.Optional;
import org.springframework.web.filter.OncePerRequestFilter;
import yellowtally.server.people.Acting;

/** Ends a session that holds no longer: who left, whose password was changed, whose device was forgotten is a stranger at once. */
public class StillSignedIn extends OncePerRequestFilter {

    private final Accounts accounts;

    public StillSignedIn(Accounts accounts) {
        this.accounts = accounts;
    }

    @Override
    protected boolean shouldNotFilter(HttpServletRequest request) {
        return !request.getRequestURI().startsWith("/api/");
    }

    @Override
    protected void doFilterInternal(HttpServletRequest request, HttpServletResponse response, FilterChain chain)
            throws ServletException, IOException {
        Optional<Acting> acting = Acting.now();
        if (acting.isPresent() && !accounts.holds(acting.get())) {
            Sessions.end(request);
        }
        chain.doFilter(request, response);
    }
}
