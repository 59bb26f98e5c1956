package yellowtally.server.doors;

import jakarta.servlet.ReadListener;
import jakarta.servlet.ServletInputStream;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletRequestWrapper;
import java.io.BufferedReader;
import java.io.IOException;
import java.io.InputStream;
import java.io.InputStreamReader;
import java.nio.charset.StandardCharsets;

/** A request whose body has been read. */
final class WholeBody extends HttpServletRequestWrapper {

    private InputStream body = InputStream.nullInputStream();
    private boolean ended;

    WholeBody(HttpServletRequest request) {
        super(request);
    }

    void is(InputStream all) {
        body = all;
    }

    @Override
    public ServletInputStream getInputStream() {
        return new ServletInputStream() {
            @Override
            public int read() throws IOException {
                int next = body.read();
                ended |= next < 0;
                return next;
            }

            @Override
            public int read(byte[] into, int offset, int length) throws IOException {
                int some = body.read(into, offset, length);
                ended |= some < 0;
                return some;
            }

            @Override
            public boolean isFinished() {
                return ended;
            }

            @Override
            public boolean isReady() {
                return true;
            }

            @Override
            public void setReadListener(ReadListener listener) {
                throw new IllegalStateException("the body has been read");
            }
        };
    }

    @Override
    public BufferedReader getReader() {
        return new BufferedReader(new InputStreamReader(getInputStream(), StandardCharsets.UTF_8));
    }
}
