/** What officers have to be told: which of it is new, and the mail that says so. */
@NullMarked
package yellowtally.server.reminders;

import org.jspecify.annotations.NullMarked;
