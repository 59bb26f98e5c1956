/**
 * Faults: what a crew complains of, the finder's questions, the cause, its repair and its proof; the watch over leaks; how a
 * saw uses its bar oil. What is known of causes comes from the data files of {@code core/diagnosis}, and from an officer's own.
 */
@NullMarked
package yellowtally.server.faults;

import org.jspecify.annotations.NullMarked;
