package yellowtally.server;

import java.io.IOException;
import java.io.OutputStream;
import java.net.Socket;
import java.net.URI;
import java.nio.charset.StandardCharsets;

/** Speaks to the running application byte by byte, as no well-behaved client does. */
final class Wire implements AutoCloseable {

    private static final int PATIENCE_MS = 30_000;

    private final Socket socket;

    Wire(RunningServer.Api api) throws IOException {
        URI root = URI.create(api.root());
        socket = new Socket(root.getHost(), root.getPort());
        socket.setSoTimeout(PATIENCE_MS);
    }

    /** What the host is called by somebody who means it. */
    static String host(RunningServer.Api api) {
        return URI.create(api.root()).getAuthority();
    }

    /** Header lines of whoever is signed in, as a browser sends them. */
    static String signed(RunningServer.Api api) {
        return "Cookie: " + api.signed().cookies() + "\r\nX-Mark: "
                + api.signed().mark() + "\r\n";
    }

    /** Sends some bytes, and keeps the connection. */
    Wire send(String bytes) throws IOException {
        OutputStream out = socket.getOutputStream();
        out.write(bytes.getBytes(StandardCharsets.ISO_8859_1));
        out.flush();
        return this;
    }

    /** All that comes until the other side closes: the request has to ask for that. */
    String answer() throws IOException {
        return new String(socket.getInputStream().readAllBytes(), StandardCharsets.UTF_8);
    }

    /** Sends a whole request, and reads the whole answer. */
    static String ask(RunningServer.Api api, String request) throws IOException {
        try (Wire wire = new Wire(api)) {
            return wire.send(request).answer();
        }
    }

    /** Sends a whole request, and reads the status of the answer alone: it may have no end. */
    static int statusOf(RunningServer.Api api, String request) throws IOException {
        try (Wire wire = new Wire(api)) {
            wire.send(request);
            return status(new String(wire.socket.getInputStream().readNBytes(12), StandardCharsets.US_ASCII));
        }
    }

    static int status(String answer) {
        return answer.startsWith("HTTP/1.1 ") ? Integer.parseInt(answer.substring(9, 12)) : 0;
    }

    @Override
    public void close() throws IOException {
        socket.close();
    }
}
