/** How far a saw is opened: stages that nest, the minutes to open and close them, the bill of a visit. */
@NullMarked
package yellowtally.core.stages;

import org.jspecify.annotations.NullMarked;
