package yellowtally.server.backup;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.LocalDateTime;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

class BackupNameTest {

    @ParameterizedTest
    @CsvSource({
        "2026-11-27T07:00:12, 4812-9f3a77c1d20be456, '', yellow-tally-20261127-070012-4812-9f3a77c1d20be456.zip",
        "2026-01-02T23:59:59, 0-0000000000000000, before-form-12,"
                + " yellow-tally-20260102-235959-0-0000000000000000-before-form-12.zip",
    })
    void aNameIsReadAsItWasWritten(LocalDateTime at, String code, String why, String file) {
        BackupName name = new BackupName(at, code, why);
        assertThat(name.file()).isEqualTo(file);
        assertThat(BackupName.read(file)).contains(name);
    }

    @ParameterizedTest
    @ValueSource(
            strings = {
                "",
                "notes.zip",
                "yellow-tally.mv.db",
                "yellow-tally-20261127-070012.zip",
                "yellow-tally-20261327-070012-4812-9f3a77c1d20be456.zip",
                "yellow-tally-20261127-070012-4812-9f3a77c1d20be45.zip",
                "yellow-tally-20261127-070012-4812-9f3a77c1d20be456.zip.part",
                "yellow-tally-20261127-070012-4812-9f3a77c1d20be456-../x.zip",
            })
    void anythingElseIsNone(String file) {
        assertThat(BackupName.read(file)).isEmpty();
    }
}
