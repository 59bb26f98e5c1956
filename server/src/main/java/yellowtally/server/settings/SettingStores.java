package yellowtally.server.settings;

import java.util.List;
import java.util.UUID;
import org.springframework.data.repository.ListCrudRepository;

/** The stores of the settings room. */
final class SettingStores {

    private SettingStores() {}

    interface Changes extends ListCrudRepository<SettingChange, UUID> {
        List<SettingChange> findAllByOrderByAtAsc();
    }
}
