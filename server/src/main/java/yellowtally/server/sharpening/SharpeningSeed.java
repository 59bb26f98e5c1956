package yellowtally.server.sharpening;

import jakarta.persistence.EntityManager;
import java.time.Instant;
import java.util.UUID;
import yellowtally.core.edge.SharpeningPlan.FilingWay;

/** Mapped sharpenings of the past, for a made-up fleet. */
public final class SharpeningSeed {

    private SharpeningSeed() {}

    /**
     * A sharpening that was mapped.
     *
     * @param longestMm longest cutter before, mm
     * @param removalMm what a stroke really took, mm
     */
    public record Mapped(
            UUID sawId,
            UUID chainId,
            UUID recordId,
            UUID personId,
            Instant at,
            int cutters,
            double longestMm,
            double removalMm) {}

    /** Stores one: the right side a little shorter, every cutter brought to one length. */
    public static void add(EntityManager records, Mapped mapped) {
        Sharpening past = new Sharpening(
                UUID.randomUUID(),
                mapped.sawId(),
                mapped.chainId(),
                null,
                mapped.at().minusSeconds(1200),
                mapped.personId());
        past.deal(false, null, FilingWay.TO_ONE_LENGTH, 2);
        for (int place = 0; place < mapped.cutters(); place++) {
            double before = mapped.longestMm() - 0.03 * (place % 5) - (place % 2 == 0 ? 0 : 0.14);
            int strokes = 2 + (int) Math.ceil((before - mapped.longestMm() + 0.26) / mapped.removalMm() - 1e-6);
            double after = before - strokes * mapped.removalMm() + 0.004 * (place % 3 - 1);
            past.put(
                    place,
                    CutterRow.EMPTY
                            .before(hundredth(before), null)
                            .after(hundredth(after))
                            .filed(strokes));
        }
        past.end(mapped.at(), mapped.recordId(), mapped.removalMm(), null);
        records.persist(past);
    }

    private static double hundredth(double mm) {
        return Math.round(mm * 100) / 100.0;
    }
}
