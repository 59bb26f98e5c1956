package yellowtally.server.opening;

import org.jspecify.annotations.Nullable;

/** The records cannot be opened as they are, or not in this way; the application does not start. */
final class StoreUnusable extends RuntimeException {

    private static final long serialVersionUID = 1L;

    private final String whatToDo;

    /**
     * Says why.
     *
     * @param what what is so, in a sentence
     * @param whatToDo what the officer can do about it
     */
    StoreUnusable(String what, String whatToDo, @Nullable Throwable cause) {
        super(what, cause);
        this.whatToDo = whatToDo;
    }

    StoreUnusable(String what, String whatToDo) {
        this(what, whatToDo, null);
    }

    String whatToDo() {
        return whatToDo;
    }
}
