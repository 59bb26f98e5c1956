package yellowtally.server.backup;

import java.io.IOException;
import java.io.InputStream;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.stream.Stream;
import java.util.zip.ZipEntry;
import java.util.zip.ZipFile;
import java.util.zip.ZipOutputStream;

/** The one file of a backup: the database, and what the officer has put beside it. */
public final class BackupFile {

    static final String DATABASE = "yellow-tally.mv.db";

    /** Folders that are kept beside the database: what an officer has written of faults, and photos. */
    private static final List<String> BESIDE = List.of("knowledge", "photos");

    private BackupFile() {}

    /** Writes it. */
    static void write(Path target, Path database, Path dataFolder) throws IOException {
        try (ZipOutputStream zip = new ZipOutputStream(Files.newOutputStream(target))) {
            add(zip, DATABASE, database);
            for (String folder : BESIDE) {
                for (Path own : files(dataFolder.resolve(folder))) {
                    add(zip, folder + "/" + own.getFileName(), own);
                }
            }
        }
    }

    /** How much what lies beside the database takes, bytes. */
    static long sizeBeside(Path dataFolder) throws IOException {
        long size = 0;
        for (String folder : BESIDE) {
            for (Path own : files(dataFolder.resolve(folder))) {
                size += Files.size(own);
            }
        }
        return size;
    }

    private static List<Path> files(Path folder) throws IOException {
        if (!Files.isDirectory(folder)) {
            return List.of();
        }
        try (Stream<Path> files = Files.list(folder)) {
            return files.filter(Files::isRegularFile).sorted().toList();
        }
    }

    private static void add(ZipOutputStream zip, String name, Path file) throws IOException {
        zip.putNextEntry(new ZipEntry(name));
        Files.copy(file, zip);
        zip.closeEntry();
    }

    /**
     * Takes the database out of it, into a file that is not there yet.
     *
     * @throws IOException when it is no backup, or is damaged: what is read is held beside the sums in the file
     */
    public static void takeOut(Path backup, Path target) throws IOException {
        try (ZipFile zip = new ZipFile(backup.toFile())) {
            ZipEntry database = zip.getEntry(DATABASE);
            if (database == null) {
                throw new IOException("no " + DATABASE + " in it");
            }
            try (InputStream in = zip.getInputStream(database)) {
                Files.copy(in, target);
            }
        }
    }

    /** Takes out what was beside the database, except what is there already; nothing is written outside the folder. */
    static void takeOutBeside(Path backup, Path dataFolder) throws IOException {
        try (ZipFile zip = new ZipFile(backup.toFile())) {
            for (ZipEntry entry : zip.stream().toList()) {
                Path name = Path.of(entry.getName());
                boolean own = !name.isAbsolute()
                        && name.getNameCount() == 2
                        && BESIDE.contains(name.getName(0).toString())
                        && name.equals(name.normalize());
                Path target = dataFolder.resolve(name.normalize());
                if (own && !Files.exists(target)) {
                    Files.createDirectories(target.getParent());
                    try (InputStream in = zip.getInputStream(entry)) {
                        Files.copy(in, target);
                    }
                }
            }
        }
    }
}
