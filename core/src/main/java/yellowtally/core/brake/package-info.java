/** When a chain brake band is still good. */
@NullMarked
package yellowtally.core.brake;

import org.jspecify.annotations.NullMarked;
