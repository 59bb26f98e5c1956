/** A made-up lineside clearance fleet with eight weeks of history, for an empty database only. */
@NullMarked
package yellowtally.server.demo;

import org.jspecify.annotations.NullMarked;
