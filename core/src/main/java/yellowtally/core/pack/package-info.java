/**
 * What a gang takes along, and what is laid out for a day at the bench: {@link yellowtally.core.pack.DayPack} and
 * {@link yellowtally.core.pack.LayOut} reckon it from the saws and the days, as {@link yellowtally.core.pack.PackLine lines} that
 * hands can tick off one by one.
 */
@NullMarked
package yellowtally.core.pack;

import org.jspecify.annotations.NullMarked;
