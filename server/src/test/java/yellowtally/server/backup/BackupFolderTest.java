package yellowtally.server.backup;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.LocalDateTime;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import yellowtally.core.backup.BackupSetting;
import yellowtally.core.settings.Numbers;

/** What lies in the folder of backups, and what is thrown away of it. */
class BackupFolderTest {

    private static final LocalDateTime NEWEST = LocalDateTime.parse("2026-11-27T07:00:00");
    private static final String CODE = "4812-9f3a77c1d20be456";

    @TempDir
    private Path place;

    private Path put(LocalDateTime at, String why) throws IOException {
        return Files.writeString(place.resolve(new BackupName(at, CODE, why).file()), "records");
    }

    @Test
    void onlyBackupsAreListedNewestFirst() throws IOException {
        put(NEWEST.minusDays(1), "");
        put(NEWEST, "");
        Files.writeString(place.resolve("notes.txt"), "mine");
        Files.createDirectory(place.resolve(".being-made"));
        List<BackupFolder.Kept> list = new BackupFolder(place).list();
        assertThat(list).extracting(one -> one.name().at()).containsExactly(NEWEST, NEWEST.minusDays(1));
        assertThat(list.get(0).bytes()).isEqualTo(7);
        assertThat(new BackupFolder(place.resolve("nowhere")).list()).isEmpty();
    }

    @Test
    void whatIsOldIsThrownAwayAndNothingElse() throws IOException {
        Path old = put(NEWEST.minusDays(3), "");
        Path kept = put(NEWEST, "");
        Path beforeAChange = put(NEWEST.minusDays(90), "before-form-12");
        Path mine = Files.writeString(place.resolve("notes.txt"), "mine");
        new BackupFolder(place).rotate(new Numbers(Map.of(BackupSetting.KEEP, 1.0, BackupSetting.KEEP_MONTHS, 0.0)));
        assertThat(old).doesNotExist();
        assertThat(List.of(kept, beforeAChange, mine)).allMatch(Files::exists);
    }
}
