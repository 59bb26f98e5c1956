/**
 * What can be told of a saw that is brought in with a past: when something was done last, what was used since, how its parts read.
 * What is told counts for schedule and wear, and proves nothing (handbook section 11).
 */
@NullMarked
package yellowtally.core.past;

import org.jspecify.annotations.NullMarked;
