/** The board: every saw on its rail, and the work that waits. */
@NullMarked
package yellowtally.server.board;

import org.jspecify.annotations.NullMarked;
