/** What is known of faults: the data files that ship, an officer's own beside the records, and what is wrong with those. */
@NullMarked
package yellowtally.server.knowledge;

import org.jspecify.annotations.NullMarked;
