/** What lies on the shelf, what is spoken for, when it runs out, what to order and what a tank costs. */
@NullMarked
package yellowtally.core.stores;

import org.jspecify.annotations.NullMarked;
