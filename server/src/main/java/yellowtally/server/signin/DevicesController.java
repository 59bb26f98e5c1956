package yellowtally.server.signin;

import jakarta.persistence.EntityManager;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.time.Clock;
import java.time.Instant;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.http.HttpStatus;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;
import yellowtally.server.people.Acting;
import yellowtally.server.people.People;
import yellowtally.server.people.PeopleEvent;
import yellowtally.server.people.PeopleEvent.PeopleEventKind;
import yellowtally.server.people.Person;
import yellowtally.server.support.OnceOnly;
import yellowtally.server.support.Violations;

/** The browsers that somebody signed in from: what they are called, which of them are shared, which are known no longer. */
@RestController
class DevicesController {

    private static final int LONGEST_NAME = 40;

    private final Devices devices;
    private final Sessions sessions;
    private final People people;
    private final OnceOnly onceOnly;
    private final EntityManager records;
    private final Clock clock;

    DevicesController(
            Devices devices, Sessions sessions, People people, OnceOnly onceOnly, EntityManager records, Clock clock) {
        this.devices = devices;
        this.sessions = sessions;
        this.people = people;
        this.onceOnly = onceOnly;
        this.records = records;
        this.clock = clock;
    }

    /** A device; {@code here} says that it is the one that asks. */
    record DeviceView(UUID id, String name, boolean shared, Instant firstAt, Instant lastAt, boolean here) {}

    /** Another name, or shared from now on or no longer. */
    record ChangedDevice(UUID id, String name, boolean shared) {}

    /** A device that was lost, or is nobody's here. */
    record Forget(UUID id) {}

    /** A write and the device it is about. */
    private record OfDevice(UUID deviceId, Object given) {}

    @GetMapping("/api/devices")
    List<DeviceView> all(HttpServletRequest request) {
        Optional<UUID> here = devices.of(request).map(Device::id);
        return devices.all().stream()
                .map(d -> new DeviceView(
                        d.id(),
                        d.name(),
                        d.shared(),
                        d.firstAt(),
                        d.lastAt(),
                        here.filter(d.id()::equals).isPresent()))
                .toList();
    }

    @PutMapping("/api/devices/{id}")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void change(
            @PathVariable UUID id,
            @RequestBody ChangedDevice given,
            HttpServletRequest request,
            HttpServletResponse response) {
        onceOnly.runBesideSaws(given.id(), new OfDevice(id, given), () -> {
            Person by = people.actingOfficer();
            Device device = devices.change(id);
            Violations wrong = new Violations();
            String name = wrong.text("name", given.name(), LONGEST_NAME);
            boolean taken = devices.all().stream()
                    .anyMatch(d -> !d.id().equals(id) && d.name().equalsIgnoreCase(name));
            if (taken) {
                wrong.add("name", "device.taken");
            }
            wrong.refuseIfAny();
            if (!name.equals(device.name())) {
                tell(PeopleEventKind.DEVICE_NAMED, device.name() + " → " + name, by);
                device.call(name);
            }
            if (given.shared() != device.shared()) {
                tell(PeopleEventKind.DEVICE_SHARED, name + (given.shared() ? ": shared" : ": not shared"), by);
                device.share(given.shared());
            }
        });
        // What this one is called stands in its session.
        Acting acting = Acting.now().orElseThrow();
        if (acting.deviceId().equals(id)) {
            Person person = people.require(acting.personId());
            Acting now = new Acting(
                    acting.personId(), acting.epoch(), id, devices.require(id).name(), acting.since());
            sessions.goOn(now, person.role(), request, response);
        }
    }

    /** Whoever is signed in on it is signed out. */
    @PostMapping("/api/devices/{id}/forget")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void forget(@PathVariable UUID id, @RequestBody Forget given) {
        onceOnly.runBesideSaws(given.id(), new OfDevice(id, "forget"), () -> {
            Person by = people.actingOfficer();
            Device device = devices.change(id);
            device.forget();
            tell(PeopleEventKind.DEVICE_FORGOTTEN, device.name(), by);
        });
    }

    private void tell(PeopleEventKind kind, String said, Person by) {
        records.persist(new PeopleEvent(kind, PeopleEvent.About.nobody(), said, clock.instant(), by.id()));
    }
}
