package yellowtally.server.doors;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.stream.Stream;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.stereotype.Component;

/** The folder of files that are being sent: beside the records, for there is room, and nobody else reads in it. */
@Component
class Incoming {

    private static final String FOLDER = "incoming";

    private final Path folder;

    /** What an application left that did not end is taken away. */
    Incoming(@Value("${yellowtally.data}") Path data) throws IOException {
        this.folder = data.resolve(FOLDER);
        if (Files.isDirectory(folder)) {
            List<Path> left;
            try (Stream<Path> files = Files.list(folder)) {
                left = files.toList();
            }
            for (Path file : left) {
                Files.delete(file);
            }
        }
    }

    /** A new file in it, empty. */
    Path file() throws IOException {
        Files.createDirectories(folder);
        return Files.createTempFile(folder, "", "");
    }
}
