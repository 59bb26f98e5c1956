/** The schedule as iCalendar: a file, and addresses under which a calendar program reads it. */
@NullMarked
package yellowtally.server.calendar;

import org.jspecify.annotations.NullMarked;
