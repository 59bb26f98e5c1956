package yellowtally.server.support;

/** Something that remembers where the records end: it looks again when others were brought in as they are. */
public interface ReadsAgain {
    void readAgain();
}
