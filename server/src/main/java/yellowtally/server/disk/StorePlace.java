package yellowtally.server.disk;

import java.nio.file.Path;
import java.util.Optional;
import java.util.regex.Pattern;

/**
 * Where the records are kept, as {@code yellowtally.store} names it.
 *
 * @param file of the database; empty while the records are kept in memory
 */
public record StorePlace(Optional<Path> file) {

    private static final String IN_A_FILE = "ordered:";

    /** What lies between the database and the file; a drive has one letter only. */
    private static final Pattern LAYERS = Pattern.compile("^(?:[a-zA-Z]{2,}:)+");

    private static final String ENDING = ".mv.db";

    /** Reads {@code ordered:PATH}, or {@code mem:NAME}. */
    public static StorePlace of(String store) {
        return new StorePlace(
                store.startsWith(IN_A_FILE)
                        ? Optional.of(Path.of(LAYERS.matcher(store).replaceFirst("") + ENDING))
                        : Optional.empty());
    }
}
