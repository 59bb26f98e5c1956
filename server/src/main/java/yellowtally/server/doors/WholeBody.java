package yellowtally.server.doors;

import jakarta.servlet.ReadListener;
import jakarta.servlet.ServletInputStream;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletRequestWrapper;
import java.io.BufferedReader;
import java.io.ByteArrayInputStream;
import java.io.InputStreamReader;
import java.nio.charset.StandardCharsets;

/** A request whose body has been read. */
final class WholeBody extends HttpServletRequestWrapper {

    private ByteArrayInputStream body = new ByteArrayInputStream(new byte[0]);

    WholeBody(HttpServletRequest request) {
        super(request);
    }

    void is(byte[] bytes) {
        body = new ByteArrayInputStream(bytes);
    }

    @Override
    public ServletInputStream getInputStream() {
        return new ServletInputStream() {
            @Override
            public int read() {
                return body.read();
            }

            @Override
            public int read(byte[] into, int offset, int length) {
                return body.read(into, offset, length);
            }

            @Override
            public boolean isFinished() {
                return body.available() == 0;
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
