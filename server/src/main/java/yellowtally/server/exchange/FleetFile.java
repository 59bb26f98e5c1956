package yellowtally.server.exchange;

/** What a fleet file is called and how its parts are named. */
final class FleetFile {

    /** What stands at its beginning, so that nobody takes another file for one. */
    static final String FORMAT = "Yellow Tally fleet";

    /** The oldest form that is read. */
    static final int OLDEST_FORM = 20;

    static final String FIELD_FORMAT = "format";
    static final String FIELD_FORM = "form";
    static final String FIELD_TAKEN = "taken";
    static final String FIELD_FLEET = "fleet";
    static final String FIELD_ZONE = "zone";
    static final String FIELD_SEAL = "seal";
    static final String FIELD_TABLES = "tables";
    static final String FIELD_TABLE = "table";
    static final String FIELD_COUNT = "count";
    static final String FIELD_ROWS = "rows";

    private FleetFile() {}

    /**
     * What stands before the records.
     *
     * @param form the number of the last change that the schema of the records had gone through
     * @param taken when it was taken out, ISO 8601
     * @param fleet what the fleet is called; "" when it was never set up
     * @param zone of its days; "" when it was never set up
     * @param seal the end of the row of seals, as it is printed
     */
    record Head(int form, String taken, String fleet, String zone, String seal) {}
}
