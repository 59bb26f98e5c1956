/** Parts as individuals: where each has been, how it wears, what it costs; and what the records say of a saw's wear. */
@NullMarked
package yellowtally.server.parts;

import org.jspecify.annotations.NullMarked;
