package yellowtally.server.support;

/** A write and the saw that it is for, so that the same content for another saw is another write. */
public record OfSaw(String tag, Object given) {}
