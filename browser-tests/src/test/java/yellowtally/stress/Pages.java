package yellowtally.stress;

import java.io.IOException;
import java.net.http.HttpClient;
import java.net.http.HttpResponse;
import yellowtally.Session;

/** What the application answers to those who only look, to know what there is. */
final class Pages {

    private final HttpClient client;
    private final Session session;

    Pages(HttpClient client, Session session) {
        this.client = client;
        this.session = session;
    }

    /** The body of an answer. */
    String get(String path) {
        try {
            return client.send(session.request(path).build(), HttpResponse.BodyHandlers.ofString())
                    .body();
        } catch (IOException e) {
            throw new AssertionError(e);
        } catch (InterruptedException e) {
            Thread.currentThread().interrupt();
            throw new AssertionError(e);
        }
    }
}
