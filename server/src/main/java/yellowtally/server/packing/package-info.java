/** What gangs take along and what is laid out for the bench, and what of it was ticked off. */
@NullMarked
package yellowtally.server.packing;

import org.jspecify.annotations.NullMarked;
