/** The loop in the vice: its map, the plan, the strokes, and the caliper that reads the lengths. */
@NullMarked
package yellowtally.server.sharpening;

import org.jspecify.annotations.NullMarked;
