/** What the disk keeps: the order in which blocks reach it, and that a write is there before it is acknowledged. */
@NullMarked
package yellowtally.server.disk;

import org.jspecify.annotations.NullMarked;
