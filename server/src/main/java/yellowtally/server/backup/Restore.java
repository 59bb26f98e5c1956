package yellowtally.server.backup;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardCopyOption;
import java.sql.SQLException;
import java.util.Optional;
import yellowtally.server.disk.StoreLock;

/** Puts a backup where the records are kept. Opened and looked through first; what was there is moved aside, never written over. */
public final class Restore {

    private Restore() {}

    /** What is to be known before it is done, or why it is not. */
    public static final class Refused extends Exception {

        private static final long serialVersionUID = 1L;

        Refused(String why) {
            super(why);
        }
    }

    /**
     * Restores.
     *
     * @param replace whether records that are there may be moved aside
     * @return what was restored
     * @throws Refused with a sentence; nothing was changed
     */
    public static Opened restore(Path backup, Path dataFolder, boolean replace) throws Refused, IOException {
        Path target = dataFolder.resolve(BackupFile.DATABASE);
        if (!Files.isRegularFile(backup)) {
            throw new Refused("There is no file " + backup + ".");
        }
        if (Files.exists(target) && !replace) {
            throw new Refused("There are records in " + dataFolder
                    + ". Give another folder with --data, or say --replace: they are moved aside then.");
        }
        if (StoreLock.isHeld(target)) {
            throw new Refused("Yellow Tally is running with the records in " + dataFolder + ". End it first.");
        }
        Files.createDirectories(dataFolder);
        Path taken = dataFolder.resolve("being-restored.mv.db");
        Files.deleteIfExists(taken);
        try {
            Opened content = takeOut(backup, taken);
            if (Files.exists(target)) {
                moveAside(target, "before-restore");
            }
            Files.move(taken, target, StandardCopyOption.ATOMIC_MOVE);
            BackupFile.takeOutBeside(backup, dataFolder);
            return content;
        } finally {
            Files.deleteIfExists(taken);
        }
    }

    private static Opened takeOut(Path backup, Path taken) throws Refused {
        Opened content;
        try {
            BackupFile.takeOut(backup, taken);
            content = Opened.forReading(taken);
        } catch (IOException | SQLException e) {
            throw new Refused(backup + " is no backup, or is damaged: " + e.getMessage() + ".");
        }
        Optional<BackupName> name = BackupName.read(backup.getFileName().toString());
        if (name.isPresent() && !name.get().code().equals(content.code())) {
            throw new Refused("The seal in " + backup + " is " + content.code()
                    + ", not the one in its name: it was altered since it was made.");
        }
        return content;
    }

    /** Gives a file another name; returns it. */
    public static Path moveAside(Path file, String why) throws IOException {
        Path aside = file.resolveSibling(file.getFileName() + "." + why);
        for (int n = 2; Files.exists(aside); n++) {
            aside = file.resolveSibling(file.getFileName() + "." + why + "-" + n);
        }
        return Files.move(file, aside);
    }
}
