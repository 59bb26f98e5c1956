/** The records of bench work and the holds they make; never changed, only struck out. */
@NullMarked
package yellowtally.server.worklog;

import org.jspecify.annotations.NullMarked;
