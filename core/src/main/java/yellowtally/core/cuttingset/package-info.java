/**
 * Bar, loop and drive sprocket as specifications, and the check that they fit each other (handbook section 2). Knows
 * nothing of saws or of individual parts.
 */
@NullMarked
package yellowtally.core.cuttingset;

import org.jspecify.annotations.NullMarked;
