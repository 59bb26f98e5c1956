/** Saws and parts that a mechanic or dealer has: given, what was said meanwhile, and back to be looked at like what was apart. */
@NullMarked
package yellowtally.server.away;

import org.jspecify.annotations.NullMarked;
