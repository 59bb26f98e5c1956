package yellowtally.core.log;

import java.time.Instant;
import java.util.Comparator;
import yellowtally.core.steps.Measure;

/**
 * A figure on record.
 *
 * @param seq number of the record it stands in, in the order in which records were written
 * @param record the record it stands in, any value that equals itself
 * @param at when it was taken
 * @param figure mm
 * @param told whether it was told when the saw was brought in: it counts for wear, and proves nothing
 */
public record MeasureEntry(long seq, Object record, Measure measure, Instant at, double figure, boolean told) {

    /** A figure that was taken here. */
    public MeasureEntry(long seq, Object record, Measure measure, Instant at, double figure) {
        this(seq, record, measure, at, figure, false);
    }

    /** By when it was taken, then by when it was written. */
    public static final Comparator<MeasureEntry> IN_ORDER =
            Comparator.comparing(MeasureEntry::at).thenComparingLong(MeasureEntry::seq);
}
