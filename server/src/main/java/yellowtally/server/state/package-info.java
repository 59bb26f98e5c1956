/** How the application does: what every screen says while something is wrong with it. */
@NullMarked
package yellowtally.server.state;

import org.jspecify.annotations.NullMarked;
