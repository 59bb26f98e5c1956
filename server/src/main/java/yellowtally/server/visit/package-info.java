/** A saw on the bench: its visit, and every step that is recorded in it or outside one. */
@NullMarked
package yellowtally.server.visit;

import org.jspecify.annotations.NullMarked;
