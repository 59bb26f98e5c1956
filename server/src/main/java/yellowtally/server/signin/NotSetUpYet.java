package yellowtally.server.signin;

import jakarta.servlet.http.HttpServletRequest;
import org.springframework.stereotype.Component;
import yellowtally.server.support.Refusal;

/** Whether a fleet is still to be set up, and somebody at the machine itself asks. */
@Component
public class NotSetUpYet {

    private final SetUp setUp;

    NotSetUpYet(SetUp setUp) {
        this.setUp = setUp;
    }

    public boolean here(HttpServletRequest request) {
        return SetUp.atTheMachine(request) && setUp.fleet().isEmpty();
    }

    /** Refuses anybody else, and at any other time. */
    public void orRefuse(HttpServletRequest request) {
        setUp.fleet().ifPresent(done -> {
            throw Refusal.conflict("", "setUp.done", done.name());
        });
        if (!here(request)) {
            throw Refusal.forbidden("setUp.elsewhere");
        }
    }
}
