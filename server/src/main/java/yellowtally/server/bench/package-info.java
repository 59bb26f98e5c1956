/** Tension checks: preview, record, amend, hold and release. */
@NullMarked
package yellowtally.server.bench;

import org.jspecify.annotations.NullMarked;
