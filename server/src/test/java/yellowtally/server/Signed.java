package yellowtally.server;

import java.io.IOException;
import java.net.CookieManager;
import java.net.HttpCookie;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;

/** A client with cookies of its own, as a browser has them, that shows its mark with each request. */
final class Signed {

    /** How the first officer and the first operator of the demo fleet sign in, and with what everybody of it does. */
    static final String OFFICER = "marsh";

    static final String OPERATOR = "otley";
    static final String READER = "hollis";
    static final String PASSWORD = "narrow gauge demo";

    private final CookieManager cookies = new CookieManager();
    private final HttpClient client =
            HttpClient.newBuilder().cookieHandler(cookies).build();

    private Signed() {}

    /** Nobody, with cookies of its own. */
    static Signed out() {
        return new Signed();
    }

    /** Somebody of the demo fleet. */
    static Signed in(String root, String signInName) {
        return in(root, signInName, PASSWORD);
    }

    static Signed in(String root, String signInName, String password) {
        Signed signed = out();
        HttpResponse<String> answer = signed.signIn(root, signInName, password);
        if (answer.statusCode() != 200) {
            throw new AssertionError(answer.statusCode() + ": " + answer.body());
        }
        return signed;
    }

    HttpResponse<String> signIn(String root, String signInName, String password) {
        String body = "{\"signInName\":\"%s\",\"password\":\"%s\"}".formatted(signInName, password);
        return send(HttpRequest.newBuilder(URI.create(root + "/api/sign-in"))
                .header("Content-Type", "application/json")
                .POST(HttpRequest.BodyPublishers.ofString(body)));
    }

    HttpResponse<String> send(HttpRequest.Builder request) {
        return send(request, HttpResponse.BodyHandlers.ofString());
    }

    /** With another mark than the one that was given, or with none where it is empty. */
    HttpResponse<String> sendMarked(HttpRequest.Builder request, String mark) {
        return sendAsItIs(
                mark.isEmpty() ? request : request.setHeader("X-Mark", mark), HttpResponse.BodyHandlers.ofString());
    }

    <T> HttpResponse<T> send(HttpRequest.Builder request, HttpResponse.BodyHandler<T> as) {
        return sendAsItIs(marked(request), as);
    }

    private <T> HttpResponse<T> sendAsItIs(HttpRequest.Builder request, HttpResponse.BodyHandler<T> as) {
        try {
            return client.send(request.build(), as);
        } catch (IOException e) {
            throw new AssertionError(e);
        } catch (InterruptedException e) {
            Thread.currentThread().interrupt();
            throw new AssertionError(e);
        }
    }

    /** With the mark that the application gave, as its pages do. */
    private HttpRequest.Builder marked(HttpRequest.Builder request) {
        return mark().isEmpty() ? request : request.setHeader("X-Mark", mark());
    }

    /** The mark; empty before one was given. */
    String mark() {
        return cookies.getCookieStore().getCookies().stream()
                .filter(cookie -> cookie.getName().endsWith("-mark"))
                .map(HttpCookie::getValue)
                .findFirst()
                .orElse("");
    }

    /** All its cookies as one header. */
    String cookies() {
        StringBuilder all = new StringBuilder();
        cookies.getCookieStore()
                .getCookies()
                .forEach(one -> all.append(all.isEmpty() ? "" : "; ")
                        .append(one.getName())
                        .append('=')
                        .append(one.getValue()));
        return all.toString();
    }
}
