/** Where each saw stands, worked out from its records. */
@NullMarked
package yellowtally.server.standing;

import org.jspecify.annotations.NullMarked;
