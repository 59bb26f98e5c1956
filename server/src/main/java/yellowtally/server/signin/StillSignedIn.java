package yellowtally.server.signin;

import jakarta.servlet.FilterChain;
import jakarta.servlet.ServletException;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.util.Optional;
import org.springframework.security.web.util.matcher.RequestMatcher;
import org.springframework.web.filter.OncePerRequestFilter;
import yellowtally.server.people.Acting;

/** Ends a session that holds no longer: who left, whose password was changed, whose device was forgotten is a stranger at once. */
public class StillSignedIn extends OncePerRequestFilter {

    private final Accounts accounts;
    private final RequestMatcher page;

    /** @param page what is served without asking who it is, also when no record can be read */
    public StillSignedIn(Accounts accounts, RequestMatcher page) {
        this.accounts = accounts;
        this.page = page;
    }

    @Override
    protected boolean shouldNotFilter(HttpServletRequest request) {
        return page.matches(request);
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
