/** A visit to the bench: which steps, in which order, for how many minutes. */
@NullMarked
package yellowtally.core.visit;

import org.jspecify.annotations.NullMarked;
