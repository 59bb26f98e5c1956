/**
 * What is done before anything else: whether the records that should be there are, can be read and are of a form that this version
 * knows. What is not so is said in a sentence, and nothing is touched.
 */
@NullMarked
package yellowtally.server.opening;

import org.jspecify.annotations.NullMarked;
