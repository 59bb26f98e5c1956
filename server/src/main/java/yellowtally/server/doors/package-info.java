/** Who may come in, with how much, and how many at once: what is checked of every request before anybody reads it. */
@NullMarked
package yellowtally.server.doors;

import org.jspecify.annotations.NullMarked;
