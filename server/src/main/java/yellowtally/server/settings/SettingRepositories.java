package yellowtally.server.settings;

import java.util.List;
import java.util.UUID;
import org.springframework.data.repository.ListCrudRepository;

/** The repositories of the settings room. */
final class SettingRepositories {

    private SettingRepositories() {}

    interface Changes extends ListCrudRepository<SettingChange, UUID> {
        List<SettingChange> findAllByOrderByAtAsc();
    }

    interface Corrections extends ListCrudRepository<MinutesTaken, UUID> {
        List<MinutesTaken> findAllByOrderByAtAsc();
    }
}
