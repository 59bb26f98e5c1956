/** What an officer has to be told before it is too late (handbook sections 3 and 10). */
@NullMarked
package yellowtally.core.reminders;

import org.jspecify.annotations.NullMarked;
