/** Proof against tampering: every record is sealed with what it says and with the seal of the record before it. */
@NullMarked
package yellowtally.server.seal;

import org.jspecify.annotations.NullMarked;
