/** How fast parts wear and how long they last, by one shared way of projecting measurements; silent with too few. */
@NullMarked
package yellowtally.core.wear;

import org.jspecify.annotations.NullMarked;
