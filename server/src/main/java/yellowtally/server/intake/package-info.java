/**
 * A saw is brought into the fleet: its card, its set, and what is known of its past, in one piece or not at all.
 */
@NullMarked
package yellowtally.server.intake;

import org.jspecify.annotations.NullMarked;
