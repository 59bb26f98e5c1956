package yellowtally.server.sheetsin;

import java.util.Locale;
import java.util.Set;
import org.jspecify.annotations.Nullable;

/** Workbooks keep days as numbers; by the format of its cell a number shows that it is one. */
final class DayFormat {

    /** Formats that every workbook has without naming them (ECMA-376, 18.8.30). */
    private static final Set<Integer> KNOWN =
            Set.of(14, 15, 16, 17, 22, 27, 28, 29, 30, 31, 36, 50, 51, 52, 53, 54, 57, 58);

    private DayFormat() {}

    static boolean shows(@Nullable Integer id, @Nullable String format) {
        if (id != null && KNOWN.contains(id)) {
            return true;
        }
        if (format == null) {
            return false;
        }
        // Text in a format is quoted, escaped or in brackets.
        String figures =
                format.toLowerCase(Locale.ROOT).replaceAll("\"[^\"]*\"|\\\\.|\\[[^\\]]*\\]|_.|\\*.|general", "");
        return figures.indexOf('y') >= 0 || figures.indexOf('d') >= 0;
    }
}
