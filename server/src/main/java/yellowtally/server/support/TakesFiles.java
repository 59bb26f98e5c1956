package yellowtally.server.support;

import jakarta.servlet.http.HttpServletRequest;
import java.nio.file.Path;
import java.util.Objects;
import java.util.OptionalLong;
import org.springframework.http.HttpMethod;
import org.springframework.security.web.servlet.util.matcher.PathPatternRequestMatcher;
import org.springframework.security.web.util.matcher.RequestMatcher;

/** An address that whole files are posted to: their body is kept on the disk until the request is over, not in memory. */
public class TakesFiles {

    private final RequestMatcher posted;
    private final long mostBytes;

    /** @param mostBytes how long a file may be, bytes */
    public TakesFiles(String address, long mostBytes) {
        this.posted = PathPatternRequestMatcher.pathPattern(HttpMethod.POST, address);
        this.mostBytes = mostBytes;
    }

    /** Whether files are taken now, from whoever asks. */
    protected boolean open(HttpServletRequest request) {
        return true;
    }

    /** How long the file of this request may be, bytes; empty where it brings none, or may bring none. */
    public final OptionalLong mostBytes(HttpServletRequest request) {
        return posted.matches(request) && open(request) ? OptionalLong.of(mostBytes) : OptionalLong.empty();
    }

    /** The file that a request brought. */
    public static Path file(HttpServletRequest request) {
        return (Path) Objects.requireNonNull(request.getAttribute(TakesFiles.class.getName()), "no file");
    }

    /** Sets the file that a request brought. */
    public static void keep(HttpServletRequest request, Path file) {
        request.setAttribute(TakesFiles.class.getName(), file);
    }
}
