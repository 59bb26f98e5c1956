/**
 * What waits on a saw and what it makes of it: one type for each kind of work, closed, so that whoever reads them answers for
 * all of them.
 */
@NullMarked
package yellowtally.core.waiting;

import org.jspecify.annotations.NullMarked;
