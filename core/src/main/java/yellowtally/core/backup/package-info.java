/** When the records are copied away, and which copies are kept. */
@NullMarked
package yellowtally.core.backup;

import org.jspecify.annotations.NullMarked;
