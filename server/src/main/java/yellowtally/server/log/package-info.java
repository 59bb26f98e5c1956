/** What happened, over the whole fleet, as a readable log. */
@NullMarked
package yellowtally.server.log;

import org.jspecify.annotations.NullMarked;
