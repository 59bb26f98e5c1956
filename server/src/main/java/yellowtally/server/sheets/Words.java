package yellowtally.server.sheets;

import java.io.IOException;
import java.io.InputStream;
import java.util.HashMap;
import java.util.Locale;
import java.util.Map;
import java.util.Set;
import tools.jackson.core.type.TypeReference;
import tools.jackson.databind.json.JsonMapper;
import yellowtally.core.steps.Power;

/**
 * The words of the screens for codes, so that paper and sheets say the same: written beside the screens when they are built
 * ({@code web/vite.config.ts}). A code that the screens have no words for is said as it is written.
 */
public final class Words {

    private static final String FILE = "/static/words.json";

    private final Map<String, Map<String, String>> byKind;

    private Words(Map<String, Map<String, String>> byKind) {
        this.byKind = byKind;
    }

    /** Read when they are first asked for. */
    private static final class OfScreens {
        private static final Words READ = read();
    }

    /** Those of the screens that ship with this application. */
    public static Words ofScreens() {
        return OfScreens.READ;
    }

    private static Words read() {
        try (InputStream file = Words.class.getResourceAsStream(FILE)) {
            return new Words(
                    file == null
                            ? new HashMap<>()
                            : JsonMapper.builder().build().readValue(file, new TypeReference<>() {}));
        } catch (IOException e) {
            throw new IllegalStateException(e);
        }
    }

    /** The kinds of code that have words. */
    public Set<String> kinds() {
        return byKind.keySet();
    }

    /** A code of a kind, such as {@code step}, in words. */
    public String of(String kind, String code) {
        String said = byKind.getOrDefault(kind, Map.of()).get(code);
        return said == null ? sentence(code) : said;
    }

    public String of(String kind, Enum<?> code) {
        return of(kind, code.name());
    }

    /** So much burned: 1 tank, 4 charges, 2.5 run hours. */
    public String burned(double count, Power power) {
        return number(count) + " " + of("burned", power) + (count == 1 ? "" : "s");
    }

    /** A figure without idle noughts. */
    public static String number(double figure) {
        return figure == Math.rint(figure) ? String.valueOf((long) figure) : String.valueOf(figure);
    }

    /** A name or a code as it is said: {@code TENSION_CHECK} is "Tension check". */
    public static String sentence(String code) {
        String small = code.replace('_', ' ').toLowerCase(Locale.ROOT);
        return small.isEmpty() ? "" : small.substring(0, 1).toUpperCase(Locale.ROOT) + small.substring(1);
    }
}
