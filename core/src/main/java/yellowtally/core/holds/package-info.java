/**
 * Why a saw must not go out, and what ends it: a function of the standing records and of nothing else (handbook section 11).
 * What was struck out or undone does not stand, and proves nothing.
 */
@NullMarked
package yellowtally.core.holds;

import org.jspecify.annotations.NullMarked;
