/**
 * Lengths and days as people write them and as the rules need them: everything inside is in millimetres, text in millimetres or
 * inches is read at the edge.
 */
@NullMarked
package yellowtally.core.measure;

import org.jspecify.annotations.NullMarked;
