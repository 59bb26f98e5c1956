package yellowtally.server.exchange;

import java.io.IOException;
import java.io.InputStream;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.Set;
import org.jspecify.annotations.Nullable;
import org.yaml.snakeyaml.Yaml;

/** What stands in each table and column, in words: {@code exchange/columns.yaml}. */
final class Dictionary {

    private static final String FILE = "/exchange/columns.yaml";

    private final Words words;

    /**
     * What one table says.
     *
     * @param beside columns of the record its rows belong to, that stand with them in a sheet
     */
    record TableWords(String says, List<String> beside, Map<String, String> columns) {}

    private record Words(Map<String, String> common, Set<String> codes, Map<String, TableWords> tables) {}

    private Dictionary(Words words) {
        this.words = words;
    }

    /** The one that ships with the application. */
    static Dictionary shipped() {
        try (InputStream file = Objects.requireNonNull(Dictionary.class.getResourceAsStream(FILE))) {
            Map<String, Object> read = new Yaml().load(file);
            return new Dictionary(
                    new Words(texts(read.get("common")), Set.copyOf(list(read.get("codes"))), tables(read)));
        } catch (IOException e) {
            throw new IllegalStateException(e);
        }
    }

    private static Map<String, TableWords> tables(Map<String, Object> read) {
        Map<String, TableWords> found = new HashMap<>();
        map(read.get("tables")).forEach((name, told) -> {
            Map<String, Object> table = map(told);
            found.put(
                    name,
                    new TableWords(
                            String.valueOf(table.get("says")),
                            list(table.getOrDefault("beside", List.of())),
                            texts(table.get("columns"))));
        });
        return Map.copyOf(found);
    }

    @SuppressWarnings("unchecked")
    private static Map<String, Object> map(@Nullable Object read) {
        return (Map<String, Object>) Objects.requireNonNull(read);
    }

    @SuppressWarnings("unchecked")
    private static Map<String, String> texts(@Nullable Object read) {
        return (Map<String, String>) Objects.requireNonNull(read);
    }

    @SuppressWarnings("unchecked")
    private static List<String> list(@Nullable Object read) {
        return (List<String>) Objects.requireNonNull(read);
    }

    /** The tables that have words. */
    Set<String> tables() {
        return words.tables().keySet();
    }

    TableWords of(String table) {
        return Objects.requireNonNull(words.tables().get(table), table);
    }

    /** What a column says; none where nobody wrote it down. */
    Optional<String> of(String table, String column) {
        String own = of(table).columns().get(column);
        return Optional.ofNullable(own == null ? words.common().get(column) : own);
    }

    /** Whether it holds codes, which a sheet says in small letters. */
    boolean isCode(String column) {
        return words.codes().contains(column);
    }
}
