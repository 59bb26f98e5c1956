/** What holds for the whole house: every number of every room in one table. */
@NullMarked
package yellowtally.core.house;

import org.jspecify.annotations.NullMarked;
