package yellowtally.server.paper;

import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;
import org.w3c.dom.Element;
import yellowtally.core.measure.Rounding;
import yellowtally.core.pack.PackKind;
import yellowtally.core.pack.PackLine;
import yellowtally.server.paper.Page.Column;
import yellowtally.server.sheets.Words;
import yellowtally.server.support.HouseUnits;

/** What is packed or laid out, as paper says it. */
@Component
class PackLines {

    private static final List<Column> COLUMNS =
            List.of(new Column("Done", 8), new Column("What", 40), new Column("How much", 14), new Column("For", 38));

    private final PaperWords words;
    private final HouseUnits house;

    PackLines(PaperWords words, HouseUnits house) {
        this.words = words;
        this.house = house;
    }

    /**
     * A table of lines with a box for each.
     *
     * @param held tags of saws that are held now
     */
    void table(Page page, Element body, List<PackLine> lines, Set<String> held) {
        page.ticks(page.table(
                body,
                COLUMNS,
                lines.stream()
                        .map(line -> Page.row(null, thing(line), amount(line), notes(line, held.contains(line.name()))))
                        .toList()));
    }

    private String thing(PackLine line) {
        String kind = words.of("pack", line.kind());
        if (line.name().equals(line.kind().name())) {
            return kind;
        }
        if (line.name().equals(PackLine.UNKNOWN)) {
            return kind + ", not noted which";
        }
        Double figure = line.figure();
        String which = figure == null ? line.name() : figure(line.kind(), figure);
        return (kind + " " + which).strip();
    }

    private String figure(PackKind kind, double figure) {
        return switch (kind) {
            case FUEL_MIX -> Words.number(figure) + ":1";
            case NUT_KEY, BAR_NUT -> house.lengthUnit().saidOfKey(figure);
            default -> house.lengthUnit().saidByRule(figure);
        };
    }

    /** How much of it. */
    private String amount(PackLine line) {
        return line.kind().measured() ? house.volumeUnit().said(line.amount()) : Words.number(line.amount());
    }

    /** For which saws, and what else there is to say. */
    private @Nullable String notes(PackLine line, boolean held) {
        List<String> notes = new ArrayList<>();
        if (line.kind() != PackKind.SAW && !line.saws().isEmpty()) {
            notes.add("saw " + String.join(", ", line.saws()));
        }
        Double oil = line.mixOilMl();
        if (oil != null) {
            notes.add(house.volumeUnit().saidSmall(oil, Rounding.NEAREST) + " of two-stroke oil in it");
        }
        if (line.soaks()) {
            notes.add("into the oil the evening before");
        }
        if (line.missing() > 0) {
            notes.add("short");
        }
        if (held && line.kind() == PackKind.SAW) {
            notes.add("held: stays here until it is released");
        }
        return notes.isEmpty() ? null : String.join("; ", notes);
    }
}
