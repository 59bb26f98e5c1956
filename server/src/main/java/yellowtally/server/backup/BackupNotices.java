package yellowtally.server.backup;

import java.util.List;
import org.springframework.stereotype.Component;
import yellowtally.server.support.Notices;
import yellowtally.server.support.Refusal;

/** A backup that could not be made is said everywhere: who relies on it does not look for it. */
@Component
class BackupNotices implements Notices {

    private final Backups backups;

    BackupNotices(Backups backups) {
        this.backups = backups;
    }

    @Override
    public List<Notice> now() {
        Backups.Failure failure = backups.failure();
        return failure == null
                ? List.of()
                : List.of(new Notice(false, Refusal.Fault.of("", "state.BACKUP", failure.why())));
    }
}
