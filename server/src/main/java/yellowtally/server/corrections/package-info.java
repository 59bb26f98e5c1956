/** Mistakes put right: a wrong entry is struck out, another takes its place, and everything after it is reckoned anew. */
@NullMarked
package yellowtally.server.corrections;

import org.jspecify.annotations.NullMarked;
