/** Saws, crews, and the parts of cutting sets as individuals with a fitting history. */
@NullMarked
package yellowtally.server.fleet;

import org.jspecify.annotations.NullMarked;
