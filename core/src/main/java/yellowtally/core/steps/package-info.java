/** What the hands do at the bench, in their order, and what a step can find and measure. */
@NullMarked
package yellowtally.core.steps;

import org.jspecify.annotations.NullMarked;
