package yellowtally.server.backup;

import java.time.DateTimeException;
import java.time.LocalDateTime;
import java.time.format.DateTimeFormatter;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/**
 * The name of a backup: when it was made, and the end of the chain in it, so that an end that was cut off shows.
 *
 * @param at in the zone of the fleet, to the second
 * @param code the end of the chain, such as {@code 4812-9f3a77c1d20be456}; {@link #NOT_SEALED} for records from before there was one
 * @param why {@code ""}, or why it was made, such as {@code before-form-13}
 */
public record BackupName(LocalDateTime at, String code, String why) {

    /** Stands for the end of a chain that is not there. */
    public static final String NOT_SEALED = "0-0000000000000000";

    private static final DateTimeFormatter AT = DateTimeFormatter.ofPattern("uuuuMMdd-HHmmss");
    private static final Pattern NAME =
            Pattern.compile("yellow-tally-(\\d{8}-\\d{6})-(\\d{1,15}-[0-9a-f]{16})(?:-([a-z0-9-]+))?\\.zip");

    /** Reads a name; empty for a file that is no backup, or was given another name. */
    public static Optional<BackupName> read(String file) {
        Matcher parts = NAME.matcher(file);
        if (!parts.matches()) {
            return Optional.empty();
        }
        try {
            String why = parts.group(3);
            return Optional.of(
                    new BackupName(LocalDateTime.parse(parts.group(1), AT), parts.group(2), why == null ? "" : why));
        } catch (DateTimeException e) {
            return Optional.empty();
        }
    }

    /** As the file is called. */
    String file() {
        return "yellow-tally-" + AT.format(at) + "-" + code + (why.isEmpty() ? "" : "-" + why) + ".zip";
    }
}
