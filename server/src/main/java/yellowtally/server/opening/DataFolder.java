package yellowtally.server.opening;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardCopyOption;
import java.nio.file.attribute.PosixFilePermission;
import java.nio.file.attribute.PosixFilePermissions;
import java.util.Objects;
import java.util.Set;
import java.util.stream.Stream;
import yellowtally.server.backup.BackupFile;
import yellowtally.server.backup.Restore;
import yellowtally.server.disk.StoreLock;

/**
 * The folder of the records: theirs alone, and with a note in it that records are kept there. Where the note is and the records
 * are not, they were lost, and nothing is begun in their place.
 */
final class DataFolder {

    static final String NOTE = "records-are-kept-here.txt";
    static final String CHANGING = "form-is-changing.txt";

    private static final Set<PosixFilePermission> FOLDER = PosixFilePermissions.fromString("rwx------");
    private static final Set<PosixFilePermission> FILE = PosixFilePermissions.fromString("rw-------");

    private final Path file;
    private final Path folder;

    DataFolder(Path file) {
        this.file = file.toAbsolutePath().normalize();
        this.folder = Objects.requireNonNull(this.file.getParent());
    }

    Path path() {
        return folder;
    }

    /** Makes the folder where there is none; nobody else reads in it. */
    void prepare() {
        try {
            Files.createDirectories(folder);
        } catch (IOException e) {
            throw new StoreUnusable(
                    "The folder " + folder + " for the records cannot be made.",
                    "Choose another one with --data, or see that it may be written to.",
                    e);
        }
        keepPrivate(folder, FOLDER);
        if (Files.exists(file)) {
            keepPrivate(file, FILE);
        } else if (!Files.isWritable(folder)) {
            throw new StoreUnusable(
                    "The folder " + folder + " may not be written to, and there are no records in it.",
                    "Choose another one with --data, or see that it may be written to.");
        }
    }

    /** A file system that knows no such rights keeps its own. */
    private static void keepPrivate(Path path, Set<PosixFilePermission> rights) {
        try {
            Files.setPosixFilePermissions(path, rights);
        } catch (IOException | UnsupportedOperationException e) {
            // Somebody else's folder: what they allow is theirs to say.
        }
    }

    /** Whether there is a file that may hold records: one of no length is none. */
    boolean hasFile() {
        try {
            return Files.exists(file) && Files.size(file) > 0;
        } catch (IOException e) {
            return false;
        }
    }

    /** Whether records were kept here before. */
    boolean expectsRecords() {
        return Files.exists(folder.resolve(NOTE));
    }

    /** From now on records are expected here. */
    void recordsAreKeptHere() {
        keepPrivate(file, FILE);
        Path note = folder.resolve(NOTE);
        if (!Files.exists(note) && Files.isWritable(folder)) {
            try {
                Files.writeString(note, """
                        Yellow Tally keeps its records in this folder. If they are ever missing here, it says so and does not
                        begin anew. To begin anew on purpose: ./run --new.
                        """);
                keepPrivate(note, FILE);
            } catch (IOException e) {
                // The records are there all the same; the next start tries again.
            }
        }
    }

    /** No records are expected here any more. */
    void forget() {
        try {
            Files.deleteIfExists(folder.resolve(NOTE));
        } catch (IOException e) {
            throw new StoreUnusable(
                    "The file " + folder.resolve(NOTE) + " cannot be taken away.", "Take it away by hand.", e);
        }
    }

    /** A change of form begins: until it is over, the records are in that copy. */
    void formIsChanging(Path copy) throws IOException {
        Files.writeString(
                folder.resolve(CHANGING), copy.toAbsolutePath().normalize().toString());
    }

    /** It is over. */
    void formIsChanged() throws IOException {
        Files.deleteIfExists(folder.resolve(CHANGING));
    }

    /** A change of form that was cut off left the records half one thing, half the other: they come back as they were. */
    void putBackWhatWasCutOff() {
        Path changing = folder.resolve(CHANGING);
        if (Files.exists(changing)) {
            try {
                if (StoreLock.isHeld(file)) {
                    // Another is at it: it is told so when it opens the file.
                    return;
                }
                putBack(Path.of(Files.readString(changing).strip()), "cut-off");
            } catch (IOException e) {
                throw new StoreUnusable(
                        "A change of the form of the records was cut off, and the copy of them from before cannot be read: "
                                + e.getMessage() + ".",
                        "Restore the newest backup: ./run --restore FILE --replace.",
                        e);
            }
        }
    }

    /** After a change of form that failed: the records as they were before come back, what it left is kept beside. */
    StoreUnusable putBack(BringsUp.Failed failed) {
        String what = "The records could not be brought to the form of this version: " + failed.getMessage() + ".";
        if (failed.copy().isEmpty()) {
            return new StoreUnusable(what, "There were none before; give another folder with --data.", failed);
        }
        Path copy = failed.copy().get();
        try {
            Path left = putBack(copy, "failed");
            return new StoreUnusable(
                    what,
                    "They are again as they were before, for the version that you had. What was left of the attempt is kept in "
                            + left + ".",
                    failed);
        } catch (IOException e) {
            return new StoreUnusable(
                    what, "They are as they were before in " + copy + ": ./run --restore FILE --replace.", failed);
        }
    }

    private Path putBack(Path copy, String why) throws IOException {
        Path taken = folder.resolve("being-restored.mv.db");
        Files.deleteIfExists(taken);
        BackupFile.takeOut(copy, taken);
        Path left = Restore.moveAside(file, why);
        Files.move(taken, file, StandardCopyOption.ATOMIC_MOVE);
        keepPrivate(file, FILE);
        formIsChanged();
        return left;
    }

    /** Everything that lies in it, for whoever looks for what is missing; the first ten. */
    String contents() {
        try (Stream<Path> files = Files.list(folder)) {
            String names = files.map(path -> path.getFileName().toString())
                    .sorted()
                    .limit(10)
                    .reduce((one, other) -> one + ", " + other)
                    .orElse("");
            return names.isEmpty() ? "It is empty." : "In it: " + names + ".";
        } catch (IOException e) {
            return "It cannot be read.";
        }
    }
}
