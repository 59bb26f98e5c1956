package yellowtally.server.photos;

/** What a photo is put to. */
public enum PhotoAbout {
    /** A complaint, and the fault behind it. */
    FAULT,
    /** A record of work, and what was found in it. */
    RECORD
}
