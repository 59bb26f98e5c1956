package yellowtally.server.signin;

import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.time.ZoneId;
import java.util.UUID;
import org.springframework.http.HttpStatus;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;
import yellowtally.server.people.People;
import yellowtally.server.support.FleetZone;
import yellowtally.server.support.OnceOnly;
import yellowtally.server.support.Violations;

/** Sets up a fleet, and changes what it is called and where its days begin. */
@RestController
class SetUpController {

    private static final int LONGEST_NAME = 80;

    private final SetUp setUp;
    private final People people;
    private final FleetZone zone;
    private final OnceOnly onceOnly;

    SetUpController(SetUp setUp, People people, FleetZone zone, OnceOnly onceOnly) {
        this.setUp = setUp;
        this.people = people;
        this.zone = zone;
        this.onceOnly = onceOnly;
    }

    /** Another name or zone of the fleet. */
    record FleetChange(UUID id, String name, String zone) {}

    @PostMapping("/api/set-up")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void setUp(@RequestBody SetUp.NewFleet given, HttpServletRequest request, HttpServletResponse response) {
        setUp.setUp(given, request, response);
    }

    /** Every day is reckoned anew in another zone. */
    @PutMapping("/api/fleet")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void change(@RequestBody FleetChange given) {
        onceOnly.run(given.id(), given, () -> {
            people.actingOfficer();
            Violations wrong = new Violations();
            String name = wrong.text("name", given.name(), LONGEST_NAME);
            ZoneId days = SetUp.zone(given.zone(), wrong);
            wrong.refuseIfAny();
            setUp.fleet().orElseThrow().change(name, days.getId());
        });
        zone.daysIn(ZoneId.of(setUp.fleet().orElseThrow().zone()));
    }
}
