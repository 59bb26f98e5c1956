package yellowtally.server.exchange;

import java.util.List;
import java.util.Optional;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;

/**
 * A table that goes into a fleet file.
 *
 * @param key the columns that tell its rows apart
 */
record FleetTable(String name, List<Column> columns, List<String> key) {

    /**
     * A column.
     *
     * @param needed whether every row has it
     * @param refersTo the table whose key stands in it; absent for none
     * @param later whether that table comes after this one: it is filled in when all rows are there
     */
    record Column(
            String name,
            CellKind kind,
            boolean needed,
            @Nullable String refersTo,
            boolean later) {}

    Optional<Column> column(String called) {
        return columns.stream().filter(column -> column.name().equals(called)).findFirst();
    }

    /** Columns that name another row of the same table. */
    List<Column> ofItself() {
        return columns.stream().filter(column -> name.equals(column.refersTo())).toList();
    }

    /** All rows as they were written one after the other: any other order would fetch each of them from another place. */
    String query() {
        return "select " + columns.stream().map(Column::name).collect(Collectors.joining(", ")) + " from " + name;
    }
}
