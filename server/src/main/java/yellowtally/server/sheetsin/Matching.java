package yellowtally.server.sheetsin;

import java.io.IOException;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Set;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import yellowtally.core.measure.DayText;
import yellowtally.server.support.Violations;

/**
 * How the columns of a sheet are read.
 *
 * @param kind what its lines hold
 * @param headings number of the row with the headings, from 0; the lines follow it
 * @param columns for each column the field it is for, "" where it is left out
 * @param units for each column the unit of bare figures, "" for that of the fleet
 * @param order what comes first in 12/11
 */
record Matching(SheetKind kind, int headings, List<String> columns, List<String> units, DayText.Order order) {

    private static final Pattern BRACKETS = Pattern.compile("[(\\[]\\s*([^)\\]]{1,10}?)\\s*[)\\]]");
    private static final Pattern BARE = Pattern.compile("[-−+]?[\\d.,/\\s]+");
    private static final Pattern STROKES = Pattern.compile("(\\d{1,2})/(\\d{1,2})(?:/\\d{2,4})?(?:[T ].*)?");
    private static final int MONTHS = 12;
    private static final int LOOKED_AT = 200;
    private static final Map<String, String> UNITS = Map.ofEntries(
            Map.entry("mm", "mm"),
            Map.entry("cm", "cm"),
            Map.entry("in", "in"),
            Map.entry("inch", "in"),
            Map.entry("inches", "in"),
            Map.entry("\"", "in"),
            Map.entry("ml", "mL"),
            Map.entry("l", "L"),
            Map.entry("litre", "L"),
            Map.entry("litres", "L"),
            Map.entry("gal", "gal"));

    /** What the headings and the lines say by themselves. */
    static Matching guessed(RowFile rows, SheetKind kind, int headings, KnownColumns known) throws IOException {
        List<String> names = headings < rows.size() ? rows.row(headings).cells() : List.of();
        List<String> columns = known.matched(kind, names).stream()
                .map(field -> field == null ? "" : field)
                .toList();
        List<String> units = new ArrayList<>();
        for (int i = 0; i < columns.size(); i++) {
            boolean measured = known.of(kind)
                    .column(columns.get(i))
                    .filter(KnownColumns.KnownColumn::measured)
                    .isPresent();
            units.add(measured ? unit(names.get(i)) : "");
        }
        return new Matching(kind, headings, columns, List.copyOf(units), order(rows, headings, columns));
    }

    private static String unit(String heading) {
        Matcher named = BRACKETS.matcher(heading);
        return named.find() ? UNITS.getOrDefault(named.group(1).toLowerCase(Locale.ROOT), "") : "";
    }

    /** One day after the 12th tells which comes first; two that disagree tell nothing. */
    private static DayText.Order order(RowFile rows, int headings, List<String> columns) throws IOException {
        boolean day = false;
        boolean month = false;
        for (int row = headings + 1; row < Math.min(rows.size(), headings + LOOKED_AT); row++) {
            List<String> cells = rows.row(row).cells();
            for (String field : List.of("day", "inService")) {
                int column = columns.indexOf(field);
                Matcher strokes = STROKES.matcher(column < 0 || column >= cells.size() ? "" : cells.get(column));
                if (strokes.matches()) {
                    day |= Integer.parseInt(strokes.group(1)) > MONTHS;
                    month |= Integer.parseInt(strokes.group(2)) > MONTHS;
                }
            }
        }
        if (day == month) {
            return DayText.Order.UNKNOWN;
        }
        return day ? DayText.Order.DAY_FIRST : DayText.Order.MONTH_FIRST;
    }

    /** Refuses what cannot be read by this. */
    void refuseUnfit(RowFile rows, KnownColumns known) {
        Violations wrong = new Violations();
        KnownColumns.Known of = known.of(kind);
        if (headings < 0 || headings >= rows.size()) {
            wrong.add("headings", "sheetsIn.headings");
        }
        Set<String> seen = new HashSet<>();
        for (String field : columns) {
            if (!field.isEmpty() && of.column(field).isEmpty()) {
                wrong.add("columns", "sheetsIn.noField", field);
            } else if (!field.isEmpty() && !seen.add(field)) {
                wrong.add(
                        "columns",
                        "sheetsIn.twice",
                        of.column(field).orElseThrow().heading());
            }
        }
        of.columns().stream()
                .filter(column -> column.required() && !seen.contains(column.field()))
                .forEach(column -> wrong.add("columns", "sheetsIn.needed", column.heading()));
        if (units.size() > columns.size()
                || !units.stream().allMatch(unit -> unit.isEmpty() || UNITS.containsValue(unit))) {
            wrong.add("units", "sheetsIn.unit");
        }
        int lines = rows.size() - headings - 1;
        if (lines < 1) {
            wrong.add("headings", "sheetsIn.noLines");
        } else if (lines > kind.most()) {
            wrong.add("kind", "sheetsIn.most", lines, kind.most());
        }
        wrong.refuseIfAny();
    }

    /** The lines below the headings. */
    Bringer.Lines lines(RowFile rows) {
        return new Bringer.Lines() {
            @Override
            public int size() {
                return rows.size() - headings - 1;
            }

            @Override
            public Line line(int index) throws IOException {
                RowFile.Row row = rows.row(headings + 1 + index);
                Map<String, String> cells = new HashMap<>();
                for (int column = 0;
                        column < Math.min(columns.size(), row.cells().size());
                        column++) {
                    if (!columns.get(column).isEmpty()) {
                        cells.put(columns.get(column), cell(row.cells().get(column), column));
                    }
                }
                return new Line(row.line(), cells);
            }
        };
    }

    /** A bare figure gets the unit of its column. */
    private String cell(String text, int column) {
        String unit = column < units.size() ? units.get(column) : "";
        return unit.isEmpty() || text.isBlank() || !BARE.matcher(text.strip()).matches()
                ? text
                : text.strip() + " " + unit;
    }

    /** What a column is called where its lines are talked of: its letter, and its heading. */
    String called(String field, RowFile rows) throws IOException {
        int column = columns.indexOf(field);
        if (field.isEmpty() || column < 0) {
            return "";
        }
        List<String> names = rows.row(headings).cells();
        String heading = column < names.size() ? names.get(column).strip() : "";
        return heading.isEmpty() ? ColumnLetters.of(column) : ColumnLetters.of(column) + ", " + heading;
    }
}
