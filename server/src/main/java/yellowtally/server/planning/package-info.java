/** The plan of the days: crew bookings, minutes of the benches, what the officer wants, and what follows from all that. */
@NullMarked
package yellowtally.server.planning;

import org.jspecify.annotations.NullMarked;
