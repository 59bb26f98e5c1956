package yellowtally.server.sheetsin;

import jakarta.persistence.EntityManager;
import java.util.UUID;
import org.springframework.stereotype.Component;
import yellowtally.server.fleet.NewCrews;
import yellowtally.server.support.Violations;

/** Brings crews in. */
@Component
final class CrewSheet extends LineByLine {

    private final NewCrews newCrews;

    CrewSheet(NewCrews newCrews, EntityManager records) {
        super(SheetKind.CREWS, "name", records);
        this.newCrews = newCrews;
    }

    @Override
    String bring(Line line, Told told, Violations wrong) {
        newCrews.add(UUID.randomUUID(), line.text("name"), told.by());
        return line.text("name");
    }
}
