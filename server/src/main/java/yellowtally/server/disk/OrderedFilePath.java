package yellowtally.server.disk;

import java.io.IOException;
import java.nio.channels.FileChannel;
import org.h2.store.fs.FilePath;
import org.h2.store.fs.FilePathWrapper;

/**
 * The files of the database, {@code ordered:} before their name: their blocks reach the disk in the order that the database relies
 * on, so that it opens after a power cut at any moment.
 */
public final class OrderedFilePath extends FilePathWrapper {

    private static final String SCHEME = "ordered";

    /** Makes {@code jdbc:h2:ordered:NAME} known. */
    public static void register() {
        FilePath.register(new OrderedFilePath());
    }

    /** What lies under a file of that name. */
    static FilePath under(String name) {
        return FilePath.get(name.substring(SCHEME.length() + 1));
    }

    @Override
    public String getScheme() {
        return SCHEME;
    }

    @Override
    public FileChannel open(String mode) throws IOException {
        FileChannel file = getBase().open(mode);
        StoreHealth health = StoreHealth.of(getBase().toString());
        health.opened(mode.equals("r"));
        return new OrderedChannel(file, health);
    }
}
