/** The edge: which file, how many strokes on which cutter, the balance of the sides, depth gauges, the wear mark. */
@NullMarked
package yellowtally.core.edge;

import org.jspecify.annotations.NullMarked;
