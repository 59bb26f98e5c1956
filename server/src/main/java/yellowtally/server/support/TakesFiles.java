package yellowtally.server.support;

import jakarta.servlet.http.HttpServletRequest;
import java.nio.file.Path;
import java.util.Objects;
import java.util.OptionalLong;

/** Says which requests bring a whole file: its body is kept on the disk until the request is over, not in memory. */
public interface TakesFiles {

    /** How long the file of this request may be, bytes; empty where it brings none, or may bring none. */
    OptionalLong mostBytes(HttpServletRequest request);

    /** The file that a request brought. */
    static Path file(HttpServletRequest request) {
        return (Path) Objects.requireNonNull(request.getAttribute(TakesFiles.class.getName()), "no file");
    }

    /** Keeps it with the request. */
    static void keep(HttpServletRequest request, Path file) {
        request.setAttribute(TakesFiles.class.getName(), file);
    }
}
