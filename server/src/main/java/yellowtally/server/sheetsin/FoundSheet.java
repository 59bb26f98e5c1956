package yellowtally.server.sheetsin;

/** A sheet as it was found in a file: its rows as text, blank ones left out. */
record FoundSheet(String name, RowFile rows) {}
