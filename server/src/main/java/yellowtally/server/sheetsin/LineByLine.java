package yellowtally.server.sheetsin;

import jakarta.persistence.EntityManager;
import java.io.IOException;
import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import yellowtally.server.support.Refusal;
import yellowtally.server.support.Violations;

/** Lines that say something each by itself, and name it once. */
abstract class LineByLine implements Bringer {

    /** After so many lines what was stored is let go of: a long sheet takes no more memory than a short one. */
    private static final int KEPT = 100;

    private final SheetKind kind;
    private final String named;
    private final EntityManager records;

    /** @param named the field by which a line names what it is about */
    LineByLine(SheetKind kind, String named, EntityManager records) {
        this.kind = kind;
        this.named = named;
        this.records = records;
    }

    @Override
    public final SheetKind kind() {
        return kind;
    }

    /** Stores what a line says, and says so; what is wrong with it is said in {@code wrong} or thrown. */
    abstract String bring(Line line, Told told, Violations wrong);

    /** What a line calls the field of a fault. */
    String field(String fault) {
        return fault.substring(fault.lastIndexOf('.') + 1);
    }

    @Override
    public void bring(Lines lines, Told told, Report report) throws IOException {
        Map<String, Integer> seen = new HashMap<>();
        for (int i = 0; i < lines.size(); i++) {
            Line line = lines.line(i);
            Integer before =
                    line.has(named) ? seen.putIfAbsent(line.text(named).toUpperCase(Locale.ROOT), line.number()) : null;
            if (before != null) {
                report.wrong(line, List.of(Refusal.Fault.of(named, "line.twice", before)));
                continue;
            }
            try {
                Violations wrong = new Violations();
                String says = bring(line, told, wrong);
                wrong.refuseIfAny();
                report.good(line, says);
            } catch (Refusal refused) {
                report.wrong(line, refused.faults().stream().map(this::ofLine).toList());
            }
            if (i % KEPT == KEPT - 1) {
                records.flush();
                records.clear();
            }
        }
    }

    private Refusal.Fault ofLine(Refusal.Fault fault) {
        return new Refusal.Fault(field(fault.field()), fault.code(), fault.figures());
    }
}
