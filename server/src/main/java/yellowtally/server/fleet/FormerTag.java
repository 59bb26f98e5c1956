package yellowtally.server.fleet;

import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import java.util.Locale;
import java.util.UUID;

/** A tag that a saw once had: labels with it still find the saw, and no other saw gets it. */
@Entity
class FormerTag {

    @Id
    @Column
    private String tagKey;

    private UUID sawId;

    protected FormerTag() {}

    FormerTag(String tag, UUID sawId) {
        this.tagKey = key(tag);
        this.sawId = sawId;
    }

    /** However it is written. */
    static String key(String tag) {
        return tag.toUpperCase(Locale.ROOT);
    }

    String tagKey() {
        return tagKey;
    }

    UUID sawId() {
        return sawId;
    }
}
