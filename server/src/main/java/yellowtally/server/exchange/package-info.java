/**
 * What the records are outside this program: taken out as one file that loses nothing, as sheets that anybody reads, as a
 * calendar; and a whole fleet brought in again.
 */
@NullMarked
package yellowtally.server.exchange;

import org.jspecify.annotations.NullMarked;
