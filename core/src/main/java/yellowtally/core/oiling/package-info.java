/** Bar oil (handbook section 7): how much of it is used beside the fuel, which grade, the ladder of checks, leaks that stand. */
@NullMarked
package yellowtally.core.oiling;

import org.jspecify.annotations.NullMarked;
