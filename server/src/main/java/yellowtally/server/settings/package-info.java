/** The fleet's own numbers and choices, each change with its reason. */
@NullMarked
package yellowtally.server.settings;

import org.jspecify.annotations.NullMarked;
