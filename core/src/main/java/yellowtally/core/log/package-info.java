/**
 * The standing records of one saw and of the parts on it, in their order: read once, and asked by every room. Records that
 * were struck out are not among them.
 */
@NullMarked
package yellowtally.core.log;

import org.jspecify.annotations.NullMarked;
