/** When a task is due, why, and when it will be. */
@NullMarked
package yellowtally.core.schedule;

import org.jspecify.annotations.NullMarked;
