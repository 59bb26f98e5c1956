package yellowtally.server.sharpening;

import jakarta.persistence.Column;
import jakarta.persistence.Embeddable;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import org.jspecify.annotations.Nullable;
import yellowtally.core.edge.CutterDamage;

/**
 * One cutter of a loop in the vice.
 *
 * @param beforeMm as it was found; {@code null} while not measured
 * @param afterMm after filing; {@code null} while not measured
 * @param leftOut not brought to one length with the others, as the officer chose
 * @param strokes strokes that were made; {@code null} until it is filed
 */
@Embeddable
record CutterRow(
        @Column(name = "before_mm") @Nullable Double beforeMm,
        @Column(name = "after_mm") @Nullable Double afterMm,
        @Enumerated(EnumType.STRING) @Nullable CutterDamage damage,
        @Column(name = "left_out") boolean leftOut,
        @Nullable Integer strokes) {

    static final CutterRow EMPTY = new CutterRow(null, null, null, false, null);

    CutterRow before(@Nullable Double mm, @Nullable CutterDamage found) {
        return new CutterRow(mm, afterMm, found, leftOut, strokes);
    }

    CutterRow after(@Nullable Double mm) {
        return new CutterRow(beforeMm, mm, damage, leftOut, strokes);
    }

    CutterRow leftOut(boolean out) {
        return new CutterRow(beforeMm, afterMm, damage, out, strokes);
    }

    CutterRow filed(@Nullable Integer made) {
        return new CutterRow(beforeMm, afterMm, damage, leftOut, made);
    }
}
