package yellowtally.server.seal;

import java.util.UUID;

/** The id of a row that has none of its own: it belongs to a record, and is sealed with it. */
public interface PartOfRecord {

    /** The id of that record. */
    UUID recordId();
}
