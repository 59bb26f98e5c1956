/**
 * What was reported of a step and what it means. Each part of the saw says what its own figures mean; the judge asks all of
 * them and knows none.
 */
@NullMarked
package yellowtally.core.judging;

import org.jspecify.annotations.NullMarked;
