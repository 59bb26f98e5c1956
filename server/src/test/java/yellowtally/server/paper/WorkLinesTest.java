package yellowtally.server.paper;

import static org.assertj.core.api.Assertions.assertThat;

import java.nio.charset.StandardCharsets;
import java.time.Instant;
import java.time.ZoneOffset;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.junit.jupiter.api.Test;
import yellowtally.server.log.LogKind;
import yellowtally.server.log.LogLine;
import yellowtally.server.photos.Photos;

/** Plain steps of a day share a line; whatever has something to tell has one of its own. */
class WorkLinesTest {

    private static final PhotoPages.Numbered NO_PHOTOS = new PhotoPages.Numbered(List.of(), Map.of());

    private static LogLine step(String at, String what, String outcome, @Nullable String read, String by) {
        return new LogLine(
                UUID.nameUUIDFromBytes(what.getBytes(StandardCharsets.UTF_8)),
                Instant.parse("2026-11-" + at + ":00Z"),
                "07",
                LogKind.STEP,
                "Bench work",
                new LogLine.Told(what, outcome, read, null, "YB-07", null, null),
                by,
                null);
    }

    private static List<String> of(PhotoPages.Numbered photos, LogLine... lines) {
        return WorkLines.of(Arrays.asList(lines), photos, ZoneOffset.UTC).stream()
                .map(line -> line.steps() + " | " + line.outcome() + " | " + line.read() + " | " + line.found() + " | "
                        + line.part() + " | " + line.by())
                .toList();
    }

    @Test
    void aLineIsSharedByOneDayOnePersonAndOneOutcome() {
        assertThat(of(
                        NO_PHOTOS,
                        step("27T08:00", "Nuts", "Fine", null, "Ida"),
                        step("27T08:01", "Nose", "Fine", null, "Tom"),
                        step("27T08:02", "Tension", "Right", "6 mm", "Ida"),
                        step("27T08:03", "Plug", "Fine", null, "Ida"),
                        step("27T08:04", "Rope", "Needs work", null, "Ida"),
                        step("28T08:00", "Nuts", "Fine", null, "Ida")))
                .containsExactly(
                        "Nuts; Plug | Fine | null | null | null | Ida",
                        "Nose | Fine | null | null | null | Tom",
                        "Tension | Right | 6 mm | null | YB-07 | Ida",
                        "Rope | Needs work | null | null | null | Ida",
                        "Nuts | Fine | null | null | null | Ida");
    }

    @Test
    void aStepWithAPhotoNamesIt() {
        LogLine nuts = step("27T08:00", "Nuts", "Fine", null, "Ida");
        LogLine plug = step("27T08:03", "Plug", "Fine", null, "Ida");
        Photos.Told photo = new Photos.Told(UUID.randomUUID(), plug.id(), plug.at(), UUID.randomUUID());
        PhotoPages.Numbered photos = new PhotoPages.Numbered(List.of(photo, photo), Map.of(plug.id(), plug));
        assertThat(of(photos, nuts, plug))
                .containsExactly(
                        "Nuts | Fine | null | null | null | Ida", "Plug | Fine | null | photos 1, 2 | YB-07 | Ida");
    }
}
