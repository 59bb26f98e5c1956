package yellowtally.server.state;

import java.util.List;
import org.springframework.stereotype.Component;
import yellowtally.server.disk.StoreWatch;
import yellowtally.server.support.Notices;
import yellowtally.server.support.Refusal;

/** What is wrong with the place where the records are kept. */
@Component
class StoreNotices implements Notices {

    private final StoreWatch watch;

    StoreNotices(StoreWatch watch) {
        this.watch = watch;
    }

    @Override
    public List<Notice> now() {
        return watch.trouble().stream()
                .map(trouble -> new Notice(true, Refusal.Fault.of("", "state." + trouble)))
                .toList();
    }
}
