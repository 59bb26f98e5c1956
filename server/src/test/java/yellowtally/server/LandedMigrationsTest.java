package yellowtally.server;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.io.InputStream;
import java.nio.charset.StandardCharsets;
import java.security.MessageDigest;
import java.security.NoSuchAlgorithmException;
import java.util.HexFormat;
import java.util.Objects;
import java.util.stream.Stream;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

/**
 * A migration that was released is never edited: a database that went through it would refuse to open. Each line of the list is
 * a file and the beginning of its SHA-256; a new file is added when it is released.
 */
class LandedMigrationsTest {

    private static byte[] resource(String name) throws IOException {
        try (InputStream file = LandedMigrationsTest.class.getResourceAsStream(name)) {
            return Objects.requireNonNull(file, name).readAllBytes();
        }
    }

    static Stream<String> released() throws IOException {
        return new String(resource("/before/migrations.txt"), StandardCharsets.UTF_8).lines();
    }

    @ParameterizedTest
    @MethodSource("released")
    void aReleasedMigrationStandsAsItWas(String line) throws IOException, NoSuchAlgorithmException {
        String[] told = line.split(" ", -1);
        byte[] now = MessageDigest.getInstance("SHA-256").digest(resource("/db/migration/" + told[0]));
        assertThat(HexFormat.of().formatHex(now)).startsWith(told[1]);
    }
}
