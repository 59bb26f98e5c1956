/**
 * Chain tension (handbook section 3): how a reading is taken, what it means on this bar, what the hand does next, and
 * what the turns of the adjuster tell about the growth of the chain.
 */
@NullMarked
package yellowtally.core.tension;

import org.jspecify.annotations.NullMarked;
