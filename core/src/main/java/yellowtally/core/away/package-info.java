/** Saws that somebody else has on the bench: whether the plan counts on them, and whether repairing pays (general practice). */
@NullMarked
package yellowtally.core.away;

import org.jspecify.annotations.NullMarked;
