package yellowtally.server.support;

import java.util.List;

/** Something that every screen has to say while it is so. */
public interface Notices {

    /**
     * One of them.
     *
     * @param holdsWriting whether nothing can be recorded meanwhile
     * @param what its sentence
     */
    record Notice(boolean holdsWriting, Refusal.Fault what) {}

    /** What is so now; asked often. */
    List<Notice> now();
}
