package yellowtally.server.support;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.stream.Stream;

/** A folder of files that nobody keeps: beside the records, for there is room, and nobody else reads in it. */
public final class ScratchFolder {

    private final Path folder;

    /** What an application left that did not end is taken away. */
    public ScratchFolder(Path folder) throws IOException {
        this.folder = folder;
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
    public Path file() throws IOException {
        Files.createDirectories(folder);
        return Files.createTempFile(folder, "", "");
    }
}
