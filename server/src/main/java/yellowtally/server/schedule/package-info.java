/** Where every task of a saw stands, and what a visit now would do. */
@NullMarked
package yellowtally.server.schedule;

import org.jspecify.annotations.NullMarked;
