package yellowtally.server.backup;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.stream.Stream;
import java.util.zip.ZipEntry;
import java.util.zip.ZipOutputStream;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Whatever a backup calls its files, they go into the folder of the records or nowhere. */
class BackupFileTest {

    private static final String FILE = "0a-of-a-test.jpg";

    @TempDir
    private Path place;

    @ParameterizedTest
    @CsvSource({
        "photos/, true",
        "/photos/, false",
        "../photos/, false",
        "photos/../, false",
        "./photos/, false",
        "photos/../../photos/, false",
        "elsewhere/, false",
        "'', false"
    })
    void nothingIsWrittenOutsideTheFolder(String beginning, boolean taken) throws IOException {
        Path backup = place.resolve("backup.zip");
        try (ZipOutputStream zip = new ZipOutputStream(Files.newOutputStream(backup))) {
            zip.putNextEntry(new ZipEntry(beginning + FILE));
        }
        Path folder = Files.createDirectory(place.resolve("data"));
        BackupFile.takeOutBeside(backup, folder);
        try (Stream<Path> all = Files.walk(place)) {
            List<Path> written = all.filter(file -> file.endsWith(FILE)).toList();
            assertThat(written)
                    .isEqualTo(taken ? List.of(folder.resolve("photos").resolve(FILE)) : List.of());
        }
        assertThat(Path.of("/photos", FILE)).doesNotExist();
    }
}
