/** Photos of complaints and of work: shrunk, without what a phone adds to them, and kept beside the records. */
@NullMarked
package yellowtally.server.photos;

import org.jspecify.annotations.NullMarked;
