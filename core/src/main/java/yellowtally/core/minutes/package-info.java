/** What work at the bench takes beside what it was estimated to take, and estimates that learn from it (general practice). */
@NullMarked
package yellowtally.core.minutes;

import org.jspecify.annotations.NullMarked;
