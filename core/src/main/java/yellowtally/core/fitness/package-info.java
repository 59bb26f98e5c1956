/**
 * May a saw go out (handbook section 11)? Puts together what the other rooms found. Fails safe: where nothing is known,
 * the saw is held.
 */
@NullMarked
package yellowtally.core.fitness;

import org.jspecify.annotations.NullMarked;
