/**
 * What a setting is: a number or a choice with a default, a unit, a source and a reason. Each room lists its own.
 */
@NullMarked
package yellowtally.core.settings;

import org.jspecify.annotations.NullMarked;
