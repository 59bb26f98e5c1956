/** Fuel. */
@NullMarked
package yellowtally.core.engine;

import org.jspecify.annotations.NullMarked;
