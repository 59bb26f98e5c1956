package yellowtally.server;

import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import yellowtally.server.signin.WhoMay.Rule;

/**
 * One way of asking for an address other than as the screens write it.
 *
 * @param target what stands between method and version in the first line of the request
 * @param headers further header lines, each with its line end
 * @param malformed whether it has to be refused with 400, whoever asks
 */
record Spelling(String name, String method, String target, String headers, boolean malformed) {

    /** All ways but {@link #encodedLetter}, of one address; {@code host} is what the application listens on. */
    static List<Spelling> of(Rule rule, String path, String host) {
        List<Spelling> all = new ArrayList<>();
        malformed(path).forEach(target -> all.add(new Spelling("written", rule.method(), target, "", true)));
        for (String target : List.of(
                path + ".json",
                path + ".",
                path + "%20",
                path + "%EF%BC%8E",
                path + "/x",
                path + "?x=;/../",
                path.replace("/api/", "/%EF%BD%81pi/"),
                path.replace("/api/", "/api%20/"),
                "http://" + host + path,
                "HTTP://" + host + path)) {
            all.add(new Spelling("written", rule.method(), target, "", false));
        }
        for (String method : List.of("HEAD", "OPTIONS", "TRACE", "PATCH", "DELETE", "CONNECT", "PROPFIND")) {
            all.add(new Spelling("asked", method, path, "", false));
        }
        all.add(new Spelling("asked", rule.method().toLowerCase(Locale.ROOT), path, "", false));
        String another = rule.method().equals("GET") ? "POST" : "GET";
        for (String override : List.of("X-HTTP-Method-Override", "X-HTTP-Method", "X-Method-Override")) {
            all.add(new Spelling("overridden", another, path, override + ": " + rule.method() + "\r\n", false));
        }
        all.add(new Spelling("overridden", another, path + "?_method=" + rule.method(), "", false));
        for (String instead : List.of("X-Original-URL", "X-Rewrite-URL", "X-Forwarded-Path")) {
            all.add(new Spelling("instead", rule.method(), "/api/nowhere", instead + ": " + path + "\r\n", false));
        }
        return all;
    }

    private static List<String> malformed(String path) {
        String rest = path.substring("/api".length());
        return List.of(
                encoded(path, 2).replace("%", "%25"),
                everyLetter(path),
                everyLetter(path).toLowerCase(Locale.ROOT),
                "/API" + rest,
                "/Api" + rest,
                "/api/" + rest.substring(1, 2).toUpperCase(Locale.ROOT) + rest.substring(2),
                "/api;x=1" + rest,
                "/;/api" + rest,
                path + ";x=1",
                path + ";jsessionid=1",
                path + "%3B",
                "/" + path,
                "/api/" + rest,
                path + "/",
                path + "//",
                "/." + path,
                "/api/." + rest,
                "/saws/.." + path,
                "/assets/../" + path.substring(1),
                "/api/../api" + rest,
                path + "/.",
                path + "/..",
                "/..." + path,
                "/%2e" + path,
                "/saws/%2e%2e" + path,
                path.replaceFirst("/api/", "/api%2f"),
                path.replaceFirst("/api/", "/api%2F"),
                "/%2f" + path,
                path.replace('/', '\\'),
                path.replaceFirst("/api/", "/api%5c"),
                path + "%00",
                path + "%0a",
                path + "%0D%0A",
                path + "%7F",
                path + "%C2%85",
                path + "%",
                path + "%u0061",
                path.replaceFirst("/api/", "/%C1%A1pi/"),
                path.replaceFirst("/api/", "/%E0%81%A1pi/"),
                path + "%FF",
                path + "%ED%A0%80",
                path + "%c3%a9");
    }

    /** The address with one of its letters written as its code; beyond its end counted from its beginning again. */
    static Spelling encodedLetter(Rule rule, String path, int at) {
        return new Spelling("encoded", rule.method(), encoded(path, 1 + at % (path.length() - 1)), "", true);
    }

    private static String encoded(String path, int at) {
        return path.substring(0, at) + code(path.charAt(at)) + path.substring(at + 1);
    }

    private static String everyLetter(String path) {
        StringBuilder all = new StringBuilder();
        path.chars().forEach(letter -> all.append(letter == '/' ? "/" : code((char) letter)));
        return all.toString();
    }

    private static String code(char letter) {
        return "%%%02X".formatted((int) letter);
    }

    /** The request as it goes over the wire; a write brings a body that is none, so that nothing is stored. */
    String request(String host, String signed) {
        boolean reads = List.of("GET", "HEAD", "OPTIONS", "TRACE").contains(method.toUpperCase(Locale.ROOT));
        String body = reads ? "" : "[]";
        return method + " " + target + " HTTP/1.1\r\nHost: " + host + "\r\n" + headers + signed
                + "Content-Type: application/json\r\nContent-Length: "
                + body.getBytes(StandardCharsets.US_ASCII).length
                + "\r\nConnection: close\r\n\r\n"
                + body;
    }
}
