package yellowtally.server.support;

import org.springframework.http.ContentDisposition;

/** How a browser is told that an answer is a file to be kept, and what it is called. */
public final class Attached {

    private Attached() {}

    /** The value of {@code Content-Disposition}. */
    public static String as(String name) {
        return ContentDisposition.attachment().filename(name).build().toString();
    }
}
