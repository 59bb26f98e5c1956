/** When a bar is still good: groove, rails, nose; which way up it is, what blued it, how often it can be dressed. */
@NullMarked
package yellowtally.core.bar;

import org.jspecify.annotations.NullMarked;
