package yellowtally.core.fitness;

import java.time.Instant;
import yellowtally.core.steps.Measure;

/**
 * A figure on record.
 *
 * @param record the record it stands in, any value that equals itself
 * @param at when it was taken
 * @param figure mm
 */
public record MeasureEntry(Object record, Measure measure, Instant at, double figure) {}
