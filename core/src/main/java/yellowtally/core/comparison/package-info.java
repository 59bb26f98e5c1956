/** What years of records say between the lines; nothing while there are too few of them. */
@NullMarked
package yellowtally.core.comparison;

import org.jspecify.annotations.NullMarked;
