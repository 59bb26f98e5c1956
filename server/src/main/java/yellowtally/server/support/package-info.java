/** What every room needs: refusals in words, writes that happen once, time, the web side's files. */
@NullMarked
package yellowtally.server.support;

import org.jspecify.annotations.NullMarked;
