package yellowtally.server.exchange;

import java.sql.Connection;
import java.sql.SQLException;
import java.util.List;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;

/** What a fleet file looks like, as a JSON Schema (draft 2020-12): made of the schema of the records and of the words for it. */
final class FleetSchema {

    private static final JsonMapper JSON = JsonMapper.builder().build();
    private static final String DESCRIPTION = "description";
    private static final String TYPE = "type";
    private static final String STRING = "string";

    private FleetSchema() {}

    static ObjectNode of(Connection database) throws SQLException {
        FleetTables tables = FleetTables.of(database);
        Dictionary dictionary = Dictionary.shipped();
        ObjectNode schema = JSON.createObjectNode();
        schema.put("$schema", "https://json-schema.org/draft/2020-12/schema");
        schema.put("title", FleetFile.FORMAT);
        schema.put(
                DESCRIPTION,
                "All records of a fleet. Tables stand in such an order that a row names only rows before it, as far as "
                        + "they do not name each other. What is empty is left out.");
        ObjectNode fields = object(
                schema,
                List.of(
                        FleetFile.FIELD_FORMAT,
                        FleetFile.FIELD_FORM,
                        FleetFile.FIELD_TAKEN,
                        FleetFile.FIELD_FLEET,
                        FleetFile.FIELD_ZONE,
                        FleetFile.FIELD_SEAL,
                        FleetFile.FIELD_TABLES));
        fields.putObject(FleetFile.FIELD_FORMAT).put("const", FleetFile.FORMAT);
        fields.putObject(FleetFile.FIELD_FORM)
                .put(TYPE, "integer")
                .put("minimum", FleetFile.OLDEST_FORM)
                .put("maximum", tables.form())
                .put(DESCRIPTION, "Number of the last change that the form of the records had gone through.");
        text(fields, FleetFile.FIELD_TAKEN, "When it was taken out.").put("format", "date-time");
        text(fields, FleetFile.FIELD_FLEET, "What the fleet is called.");
        text(fields, FleetFile.FIELD_ZONE, "Time zone of its days, as the IANA names it.");
        text(fields, FleetFile.FIELD_SEAL, "End of the row of seals, as it is printed.");
        ObjectNode items =
                fields.putObject(FleetFile.FIELD_TABLES).put(TYPE, "array").putObject("items");
        ArrayNode anyOf = items.putArray("oneOf");
        tables.all().forEach(table -> table(anyOf.addObject(), table, dictionary));
        return schema;
    }

    private static void table(ObjectNode schema, FleetTable table, Dictionary dictionary) {
        schema.put(DESCRIPTION, dictionary.of(table.name()).says());
        ObjectNode fields = object(schema, List.of(FleetFile.FIELD_TABLE, FleetFile.FIELD_ROWS, FleetFile.FIELD_COUNT));
        fields.putObject(FleetFile.FIELD_TABLE).put("const", table.name());
        ObjectNode row =
                fields.putObject(FleetFile.FIELD_ROWS).put(TYPE, "array").putObject("items");
        ObjectNode columns = object(
                row,
                table.columns().stream()
                        .filter(FleetTable.Column::needed)
                        .map(FleetTable.Column::name)
                        .toList());
        for (FleetTable.Column column : table.columns()) {
            ObjectNode cell =
                    columns.putObject(column.name()).put(TYPE, column.kind().type());
            if (column.kind().format() != null) {
                cell.put("format", column.kind().format());
            }
            cell.put(
                    DESCRIPTION,
                    dictionary.of(table.name(), column.name()).orElse("")
                            + (column.refersTo() == null ? "" : " Names a row of " + column.refersTo() + "."));
        }
        fields.putObject(FleetFile.FIELD_COUNT)
                .put(TYPE, "integer")
                .put("minimum", 0)
                .put(DESCRIPTION, "How many rows stand before it.");
    }

    /** An object with these fields needed and no others allowed; answers the place for what they are. */
    private static ObjectNode object(ObjectNode schema, List<String> needed) {
        schema.put(TYPE, "object").put("additionalProperties", false);
        ArrayNode required = schema.putArray("required");
        needed.forEach(required::add);
        return schema.putObject("properties");
    }

    private static ObjectNode text(ObjectNode fields, String name, String says) {
        return fields.putObject(name).put(TYPE, STRING).put(DESCRIPTION, says);
    }
}
