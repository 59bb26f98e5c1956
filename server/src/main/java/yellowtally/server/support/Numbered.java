package yellowtally.server.support;

/** A record with its place in the order in which records are written. */
public interface Numbered {

    /** Gives the record its number, before it is stored for the first time. */
    void number(long seq);
}
