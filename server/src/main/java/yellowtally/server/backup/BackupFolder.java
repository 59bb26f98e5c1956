package yellowtally.server.backup;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.LocalDateTime;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import yellowtally.core.backup.BackupRotation;
import yellowtally.core.settings.Numbers;

/** The backups that there are, told by their names alone. */
final class BackupFolder {

    private final Path folder;

    BackupFolder(Path folder) {
        this.folder = folder;
    }

    /** One of them. */
    record Kept(Path file, BackupName name, long bytes) {}

    Path path() {
        return folder;
    }

    /** Newest first; none where the folder cannot be read. */
    List<Kept> list() {
        List<Kept> found = new ArrayList<>();
        if (Files.isDirectory(folder)) {
            try (Stream<Path> files = Files.list(folder)) {
                for (Path file : files.toList()) {
                    long bytes = Files.size(file);
                    BackupName.read(file.getFileName().toString())
                            .ifPresent(name -> found.add(new Kept(file, name, bytes)));
                }
            } catch (IOException e) {
                return List.of();
            }
        }
        found.sort(Comparator.comparing((Kept one) -> one.name().at()).reversed());
        return found;
    }

    /** Throws away those that are not kept any longer. Those from before a change of form are somebody's own to throw away. */
    void rotate(Numbers numbers) throws IOException {
        List<Kept> ordinary =
                list().stream().filter(one -> one.name().why().isEmpty()).toList();
        Set<LocalDateTime> made = ordinary.stream().map(one -> one.name().at()).collect(Collectors.toSet());
        Set<LocalDateTime> gone = BackupRotation.notKept(made, numbers);
        for (Kept one : ordinary) {
            if (gone.contains(one.name().at())) {
                Files.deleteIfExists(one.file());
            }
        }
    }
}
