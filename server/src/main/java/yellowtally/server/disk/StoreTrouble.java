package yellowtally.server.disk;

/** What can be wrong with the place where the records are kept. All can be read meanwhile, nothing is written. */
public enum StoreTrouble {
    /** There is no room, or next to none. It goes on by itself when there is. */
    FULL,
    /** The disk does not take what is written; it is asked again and again. */
    NOT_TAKEN,
    /** The disk has lost something that it had taken: it is not believed until the application is started again. */
    LOST,
    /** The file was opened for reading only. */
    READ_ONLY,
    /** The file was taken away or replaced under the running application, which still has the old one open. */
    GONE,
    /** A place of the file could not be read. */
    DAMAGED
}
