/** The people whom records name, who of them acts in a request, and what changed about them. */
@NullMarked
package yellowtally.server.people;

import org.jspecify.annotations.NullMarked;
