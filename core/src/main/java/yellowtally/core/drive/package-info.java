/** When a drive sprocket is still good, and which parts may run together. */
@NullMarked
package yellowtally.core.drive;

import org.jspecify.annotations.NullMarked;
