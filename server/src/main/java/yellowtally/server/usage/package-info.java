/** Where a saw hangs and what it went through: issue to a crew and return. */
@NullMarked
package yellowtally.server.usage;

import org.jspecify.annotations.NullMarked;
