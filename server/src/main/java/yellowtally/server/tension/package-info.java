/** Tension checks: preview, record, amend; their history, and the common scale that readings calibrate. */
@NullMarked
package yellowtally.server.tension;

import org.jspecify.annotations.NullMarked;
