package yellowtally.server.photos;

import java.io.IOException;
import java.io.OutputStream;
import java.nio.channels.FileChannel;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardCopyOption;
import java.nio.file.StandardOpenOption;
import java.security.MessageDigest;
import java.security.NoSuchAlgorithmException;
import java.util.HexFormat;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import java.util.zip.ZipEntry;
import java.util.zip.ZipOutputStream;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.stereotype.Component;
import yellowtally.server.support.ScratchFolder;

/** The pictures beside the records, each under the SHA-256 of its bytes: the same one is there once, and an altered one is found out. */
@Component
class PhotoFolder {

    static final String NAME = "photos";
    private static final String ENDING = ".jpg";

    private final Path folder;
    private final ScratchFolder written;

    PhotoFolder(@Value("${yellowtally.data}") Path data) throws IOException {
        this.folder = data.resolve(NAME);
        this.written = new ScratchFolder(data.resolve("photos-being-written"));
    }

    /**
     * Keeps a picture; it is on the disk, and whole, before a record names it.
     *
     * @return the sum by which it is found
     */
    String keep(byte[] jpeg) throws IOException {
        String sum = sum(jpeg);
        Path target = file(sum);
        if (!Files.exists(target)) {
            Files.createDirectories(folder);
            Path being = written.file();
            Files.write(being, jpeg);
            try (FileChannel file = FileChannel.open(being, StandardOpenOption.WRITE)) {
                file.force(true);
            }
            Files.move(being, target, StandardCopyOption.ATOMIC_MOVE);
        }
        return sum;
    }

    /** A picture; empty where it is not here, or is not what was kept. */
    Optional<byte[]> read(String sum) throws IOException {
        Path file = file(sum);
        if (!Files.isRegularFile(file)) {
            return Optional.empty();
        }
        byte[] jpeg = Files.readAllBytes(file);
        return sum(jpeg).equals(sum) ? Optional.of(jpeg) : Optional.empty();
    }

    /** Writes all of them into a zip, one after another. */
    void writeAll(OutputStream out) throws IOException {
        List<Path> all = List.of();
        if (Files.isDirectory(folder)) {
            try (Stream<Path> files = Files.list(folder)) {
                all = files.filter(Files::isRegularFile).sorted().toList();
            }
        }
        try (ZipOutputStream zip = new ZipOutputStream(out)) {
            for (Path file : all) {
                zip.putNextEntry(new ZipEntry(file.getFileName().toString()));
                Files.copy(file, zip);
                zip.closeEntry();
            }
        }
    }

    private Path file(String sum) {
        return folder.resolve(sum + ENDING);
    }

    private static String sum(byte[] jpeg) {
        try {
            return HexFormat.of().formatHex(MessageDigest.getInstance("SHA-256").digest(jpeg));
        } catch (NoSuchAlgorithmException e) {
            throw new IllegalStateException(e);
        }
    }
}
