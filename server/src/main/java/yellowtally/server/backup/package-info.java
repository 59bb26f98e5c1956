/** Copies of the records in one file each: made while the application runs, opened and looked through before they count. */
@NullMarked
package yellowtally.server.backup;

import org.jspecify.annotations.NullMarked;
