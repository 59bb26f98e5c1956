/** What work at the bench took beside what it was estimated to take, and estimates that are corrected by that. */
@NullMarked
package yellowtally.server.minutes;

import org.jspecify.annotations.NullMarked;
