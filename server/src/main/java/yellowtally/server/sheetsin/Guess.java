package yellowtally.server.sheetsin;

import java.io.IOException;
import java.util.List;
import java.util.Objects;
import org.jspecify.annotations.Nullable;

/**
 * What a sheet seems to hold, to be put right by hand.
 *
 * @param headings number of the row with the headings, from 0; above it stands what people write over a sheet
 */
record Guess(SheetKind kind, int headings) {

    private static final int LOOKED_AT = 20;

    /** Whichever row names the most columns of a kind, and all that such a line needs if any does. */
    static Guess of(RowFile rows, KnownColumns known) throws IOException {
        Guess best = new Guess(SheetKind.SAWS, 0);
        double most = 0;
        for (int row = 0; row < Math.min(LOOKED_AT, rows.size()); row++) {
            List<String> cells = rows.row(row).cells();
            for (SheetKind kind : SheetKind.values()) {
                double fits = fits(known.of(kind), known.matched(kind, cells), cells.size());
                if (fits > most) {
                    most = fits;
                    best = new Guess(kind, row);
                }
            }
        }
        return best;
    }

    private static double fits(KnownColumns.Known kind, List<@Nullable String> fields, int columns) {
        long named = fields.stream().filter(Objects::nonNull).count();
        long needed = kind.columns().stream()
                .filter(KnownColumns.KnownColumn::required)
                .count();
        long there = kind.columns().stream()
                .filter(column -> column.required() && fields.contains(column.field()))
                .count();
        return there * 10.0 / needed + named + (double) named / columns;
    }
}
