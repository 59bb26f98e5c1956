package yellowtally.server.sheetsin;

/** What spreadsheets call their columns. */
final class ColumnLetters {

    private static final int LETTERS = 26;

    private ColumnLetters() {}

    /** A for column 0, AA for 26. */
    static String of(int column) {
        String last = String.valueOf((char) ('A' + column % LETTERS));
        return column < LETTERS ? last : of(column / LETTERS - 1) + last;
    }
}
