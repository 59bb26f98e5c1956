package yellowtally.stress;

import com.google.gson.JsonArray;
import com.google.gson.JsonElement;
import com.google.gson.JsonNull;
import com.google.gson.JsonObject;
import com.google.gson.JsonPrimitive;
import java.time.Instant;
import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.UUID;

/** Makes values by the description of the interface: most of them such as a screen sends, some as nobody should. */
final class Nonsense {

    private static final int DEEPEST = 6;

    /** Text that has done harm somewhere. */
    private static final List<String> EVIL = List.of(
            "",
            " ",
            "\u200b\u200b",
            "\u0000",
            "a\u0007b",
            "\u202eevil",
            "\ud800",
            "1f",
            "NaN",
            "1e999",
            "-0",
            "null",
            "\n2026-01-01 00:00:00 INFO forged",
            "'; drop table saw; --",
            "<script>alert(1)</script>",
            "{0}{1}",
            "${jndi:ldap://x}",
            "../../etc/passwd",
            "x".repeat(61),
            "y".repeat(5_000),
            "\u00e4\u0301\u0301",
            "٣");

    private final Random luck;
    private final JsonObject schemas;
    private final Known known;
    private final double nonsense;

    /** What is there, so that a request comes past the first question. */
    record Known(List<String> people, List<String> tags, List<String> ids, List<String> crews, List<String> keys) {

        String pick(Random luck, List<String> from) {
            synchronized (ids) {
                return from.isEmpty() ? UUID.randomUUID().toString() : from.get(luck.nextInt(from.size()));
            }
        }

        /** An id that was taken: others may name it. */
        void learn(String id) {
            synchronized (ids) {
                ids.add(id);
            }
        }
    }

    /** @param nonsense share of values that are none, 0 to 1 */
    Nonsense(Random luck, JsonObject schemas, Known known, double nonsense) {
        this.luck = luck;
        this.schemas = schemas;
        this.known = known;
        this.nonsense = nonsense;
    }

    private boolean by(double chance) {
        return luck.nextDouble() < chance;
    }

    private <T> T one(List<T> of) {
        return of.get(luck.nextInt(of.size()));
    }

    JsonElement value(String name, JsonObject schema) {
        return value(name, schema, 0);
    }

    private JsonElement value(String name, JsonObject given, int depth) {
        JsonObject schema = given.has("$ref") ? resolved(given) : given;
        if (by(nonsense)) {
            return wild(depth);
        }
        if (schema.has("oneOf")) {
            return value(name, one(schema.getAsJsonArray("oneOf").asList()).getAsJsonObject(), depth);
        }
        if (schema.has("enum")) {
            return one(schema.getAsJsonArray("enum").asList());
        }
        return switch (type(schema)) {
            case "object" -> object(schema, depth);
            case "array" -> array(name, schema, depth);
            case "integer" -> new JsonPrimitive(luck.nextInt(4));
            case "number" -> new JsonPrimitive(luck.nextInt(200) / 10.0);
            case "boolean" -> new JsonPrimitive(luck.nextBoolean());
            default -> new JsonPrimitive(text(name, schema));
        };
    }

    private static String type(JsonObject schema) {
        JsonElement type = schema.get("type");
        if (type == null) {
            return "string";
        }
        return type.isJsonArray() ? type.getAsJsonArray().get(0).getAsString() : type.getAsString();
    }

    private JsonObject resolved(JsonObject reference) {
        String name = reference.get("$ref").getAsString().replaceFirst(".*/", "");
        return schemas.getAsJsonObject(name);
    }

    private JsonObject object(JsonObject schema, int depth) {
        JsonObject made = new JsonObject();
        if (depth > DEEPEST || !schema.has("properties")) {
            return made;
        }
        List<String> required = schema.has("required")
                ? schema.getAsJsonArray("required").asList().stream()
                        .map(JsonElement::getAsString)
                        .toList()
                : List.of();
        for (Map.Entry<String, JsonElement> property :
                schema.getAsJsonObject("properties").entrySet()) {
            boolean needed = required.contains(property.getKey());
            if (by(needed ? 1 - nonsense : 0.4)) {
                made.add(
                        property.getKey(),
                        value(property.getKey(), property.getValue().getAsJsonObject(), depth + 1));
            }
        }
        if (by(nonsense)) {
            made.addProperty("surprise", 1);
        }
        return made;
    }

    private JsonArray array(String name, JsonObject schema, int depth) {
        JsonArray made = new JsonArray();
        int length = by(nonsense) ? 700 : luck.nextInt(3);
        for (int i = 0; i < length && depth <= DEEPEST; i++) {
            made.add(value(name, schema.getAsJsonObject("items"), depth + 1));
        }
        return made;
    }

    String text(String name, JsonObject schema) {
        String format = schema.has("format") ? schema.get("format").getAsString() : "";
        return switch (format) {
            case "uuid" -> id(name);
            case "date-time" ->
                Instant.now()
                        .minus(luck.nextInt(40 * 24 * 60), ChronoUnit.MINUTES)
                        .toString();
            case "date" -> LocalDate.now().minusDays(luck.nextInt(900)).toString();
            default -> word(name);
        };
    }

    private String id(String name) {
        if (name.equals("id")) {
            return UUID.randomUUID().toString();
        }
        return known.pick(
                luck,
                switch (name) {
                    case "personId", "person" -> known.people();
                    case "crewId" -> known.crews();
                    default -> known.ids();
                });
    }

    private String word(String name) {
        return switch (name) {
            case "tag", "saw", "sawTag" -> known.pick(luck, known.tags());
            case "device" -> "bench";
            case "key" -> known.pick(luck, known.keys());
            case "unit" -> "mm";
            case "complaint" -> one(List.of("dust", "pulls-left", "runs-on"));
            case "length", "value", "jointPlay", "tangDepth", "newCutter" ->
                one(List.of("6", "6.5 mm", "1/4 in", "380"));
            default -> one(List.of("Ran over a stone", "Seen at the rack", "6", "looked at again"));
        };
    }

    /** What no screen sends. */
    JsonElement wild(int depth) {
        return switch (luck.nextInt(9)) {
            case 0 -> JsonNull.INSTANCE;
            case 1 -> new JsonPrimitive(one(List.of(-1, 0, Integer.MAX_VALUE, Long.MIN_VALUE)));
            case 2 -> new JsonPrimitive(one(List.of(-0.5, 1e300, 1e9 + 1, 0.1)));
            case 3 ->
                new JsonPrimitive(one(List.of("+169087565-01-01", "1900-01-01", "1900-01-01T00:00:00Z", "2099-12-31")));
            case 4 -> depth > DEEPEST ? new JsonArray() : nested();
            case 5 -> new JsonObject();
            case 6 -> new JsonPrimitive(true);
            default -> new JsonPrimitive(one(EVIL));
        };
    }

    private JsonElement nested() {
        JsonElement inside = new JsonPrimitive("deep");
        for (int i = 0; i < 40; i++) {
            JsonArray around = new JsonArray();
            around.add(inside);
            inside = around;
        }
        return inside;
    }

    String evil() {
        return one(EVIL);
    }
}
