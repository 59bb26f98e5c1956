package yellowtally.server.sheetsin;

import java.io.IOException;
import java.io.InputStream;
import java.util.ArrayList;
import java.util.EnumMap;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.Set;
import org.jspecify.annotations.Nullable;
import org.yaml.snakeyaml.Yaml;

/** The columns that sheets of each kind may have, and under which headings people keep them: {@code sheetsin/kinds.yaml}. */
final class KnownColumns {

    private static final String FILE = "/sheetsin/kinds.yaml";

    private final Map<SheetKind, Known> byKind;

    /** A kind: what it is called, what its sheet holds, and its columns in the order of the template. */
    record Known(String called, String says, List<KnownColumn> columns) {

        Optional<KnownColumn> column(String field) {
            return columns.stream()
                    .filter(column -> column.field().equals(field))
                    .findFirst();
        }
    }

    /**
     * A column.
     *
     * @param field what a line calls it
     * @param heading of the template
     * @param measured whether a length or a volume stands in it, so that its heading may name the unit
     * @param also other headings
     */
    record KnownColumn(
            String field, String heading, String says, boolean required, boolean measured, List<String> also) {

        boolean isCalled(String heading) {
            return plain(this.heading).equals(heading)
                    || also.stream().anyMatch(other -> plain(other).equals(heading));
        }
    }

    private KnownColumns(Map<SheetKind, Known> byKind) {
        this.byKind = byKind;
    }

    /** Those that ship with the application. */
    static KnownColumns shipped() {
        try (InputStream file = Objects.requireNonNull(KnownColumns.class.getResourceAsStream(FILE))) {
            Map<String, Map<String, Object>> read = new Yaml().load(file);
            Map<SheetKind, Known> kinds = new EnumMap<>(SheetKind.class);
            read.forEach((kind, told) -> kinds.put(SheetKind.valueOf(kind), known(told)));
            return new KnownColumns(kinds);
        } catch (IOException e) {
            throw new IllegalStateException(e);
        }
    }

    private static Known known(Map<String, Object> told) {
        List<KnownColumn> columns = new ArrayList<>();
        map(told.get("columns")).forEach((field, of) -> {
            Map<String, Object> column = map(of);
            List<String> also = new ArrayList<>();
            if (column.get("also") instanceof List<?> others) {
                others.forEach(other -> also.add(String.valueOf(other)));
            }
            columns.add(new KnownColumn(
                    field,
                    String.valueOf(column.get("heading")),
                    String.valueOf(column.get("says")),
                    Boolean.TRUE.equals(column.get("required")),
                    Boolean.TRUE.equals(column.get("measured")),
                    List.copyOf(also)));
        });
        return new Known(String.valueOf(told.get("called")), String.valueOf(told.get("says")), List.copyOf(columns));
    }

    @SuppressWarnings("unchecked")
    private static Map<String, Object> map(@Nullable Object read) {
        return (Map<String, Object>) Objects.requireNonNull(read);
    }

    Known of(SheetKind kind) {
        return Objects.requireNonNull(byKind.get(kind), kind.name());
    }

    /** A heading as it is compared: letters and digits alone, what stands in brackets left out. */
    static String plain(String heading) {
        return heading.toLowerCase(Locale.ROOT)
                .replaceAll("\\([^)]*\\)|\\[[^\\]]*\\]", "")
                .replaceAll("[^\\p{L}\\p{N}]", "");
    }

    /** Which column of a kind each heading names; absent for one that names none, or that another named before it. */
    List<@Nullable String> matched(SheetKind kind, List<String> headings) {
        Set<String> taken = new HashSet<>();
        Map<Integer, String> found = new LinkedHashMap<>();
        // The headings of the template first: another column may go by the same name with other people.
        for (boolean own : List.of(true, false)) {
            for (int i = 0; i < headings.size(); i++) {
                String heading = plain(headings.get(i));
                if (heading.isEmpty() || found.containsKey(i)) {
                    continue;
                }
                for (KnownColumn column : of(kind).columns()) {
                    boolean named = own ? plain(column.heading()).equals(heading) : column.isCalled(heading);
                    if (named && taken.add(column.field())) {
                        found.put(i, column.field());
                        break;
                    }
                }
            }
        }
        List<@Nullable String> fields = new ArrayList<>();
        for (int i = 0; i < headings.size(); i++) {
            fields.add(found.get(i));
        }
        return fields;
    }
}
