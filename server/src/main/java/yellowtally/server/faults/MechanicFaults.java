package yellowtally.server.faults;

import java.util.List;
import java.util.UUID;
import org.springframework.stereotype.Component;
import yellowtally.core.diagnosis.FaultProgress.FaultStage;
import yellowtally.server.fleet.Saw;

/** What happens to faults when their saw goes to a mechanic and comes back; within the write of that. */
@Component
public class MechanicFaults {

    private final Faults faults;
    private final FaultRepository repository;
    private final FaultReader reader;

    MechanicFaults(Faults faults, FaultRepository repository, FaultReader reader) {
        this.faults = faults;
        this.repository = repository;
        this.reader = reader;
    }

    /** A fault that nobody has closed. */
    public record OpenFault(UUID id, String title, FaultStage stage) {}

    /** Of one saw, latest first. */
    public List<OpenFault> open(Saw saw) {
        return repository.openOf(saw.id()).stream()
                .map(reader::read)
                .map(read -> new OpenFault(
                        read.fault().id(),
                        read.cause() == null
                                ? read.complaint().title()
                                : read.cause().title(),
                        read.progress().stage()))
                .toList();
    }

    /** The saw goes for it; one that was handed over already stays so. */
    public void goes(UUID faultId, Saw saw, UUID eventId, String who) {
        faults.toMechanic(faultId, saw, eventId, who);
    }

    /** It is put right, as they say: from now on its proof is asked for. */
    public void isBack(UUID faultId, Saw saw, UUID eventId, String done) {
        faults.fromMechanic(faultId, saw, eventId, done);
    }
}
