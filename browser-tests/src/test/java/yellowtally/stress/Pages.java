package yellowtally.stress;

import java.io.IOException;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;

/** What the application answers to those who only look, to know what there is. */
final class Pages {

    private final HttpClient client;
    private final String root;

    Pages(HttpClient client, String root) {
        this.client = client;
        this.root = root;
    }

    /** The body of an answer. */
    String get(String path) {
        try {
            return client.send(
                            HttpRequest.newBuilder(URI.create(root + path)).build(),
                            HttpResponse.BodyHandlers.ofString())
                    .body();
        } catch (IOException e) {
            throw new AssertionError(e);
        } catch (InterruptedException e) {
            Thread.currentThread().interrupt();
            throw new AssertionError(e);
        }
    }
}
