package yellowtally.server.signin;

import org.springframework.stereotype.Component;

/** What the fleet calls itself, for the head of its papers. */
@Component
public class FleetName {

    private final SetUp setUp;

    FleetName(SetUp setUp) {
        this.setUp = setUp;
    }

    /** Empty before it is set up. */
    public String now() {
        return setUp.fleet().map(FleetCard::name).orElse("");
    }
}
