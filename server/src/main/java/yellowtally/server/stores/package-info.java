/** What lies on the shelf: items and their moves, what is spoken for, what to order, what a tank costs. */
@NullMarked
package yellowtally.server.stores;

import org.jspecify.annotations.NullMarked;
