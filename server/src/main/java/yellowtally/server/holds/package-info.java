/** Holds by a person, and the release of a saw once every reason is cleared. */
@NullMarked
package yellowtally.server.holds;

import org.jspecify.annotations.NullMarked;
