package yellowtally.server.paper;

/** Label papers as they are sold under many names: columns, rows, and where they lie on the page, mm. */
public enum LabelPaper {
    /** A4, 21 of 63.5 by 38.1 mm. */
    A4_21(210, 297, 3, 7, 63.5, 38.1, 7.2, 15.15, 2.5, 0),
    /** A4, 14 of 99.1 by 38.1 mm. */
    A4_14(210, 297, 2, 7, 99.1, 38.1, 4.65, 15.15, 2.5, 0),
    /** A4, 24 of 70 by 37 mm, edge to edge. */
    A4_24(210, 297, 3, 8, 70, 37, 0, 0.5, 0, 0),
    /** US Letter, 30 of 2 5/8 by 1 in. */
    LETTER_30(215.9, 279.4, 3, 10, 66.675, 25.4, 4.7625, 12.7, 3.175, 0),
    /** US Letter, 14 of 4 by 1 1/3 in. */
    LETTER_14(215.9, 279.4, 2, 7, 101.6, 33.867, 3.969, 21.167, 4.763, 0);

    private final double pageWidth;
    private final double pageHeight;
    private final int columns;
    private final int rows;
    private final double width;
    private final double height;
    private final double left;
    private final double top;
    private final double gapAcross;
    private final double gapDown;

    LabelPaper(
            double pageWidth,
            double pageHeight,
            int columns,
            int rows,
            double width,
            double height,
            double left,
            double top,
            double gapAcross,
            double gapDown) {
        this.pageWidth = pageWidth;
        this.pageHeight = pageHeight;
        this.columns = columns;
        this.rows = rows;
        this.width = width;
        this.height = height;
        this.left = left;
        this.top = top;
        this.gapAcross = gapAcross;
        this.gapDown = gapDown;
    }

    /** Where a label lies: mm from the left and upper edge of its page. */
    record Place(int page, double left, double top) {}

    double pageWidth() {
        return pageWidth;
    }

    double pageHeight() {
        return pageHeight;
    }

    double width() {
        return width;
    }

    double height() {
        return height;
    }

    /** How many are on a page. */
    public int onPage() {
        return columns * rows;
    }

    /** The place of a label, counted from 0 on the first page, row by row. */
    Place place(int label) {
        int column = label % columns;
        int row = label % onPage() / columns;
        return new Place(label / onPage(), left + column * (width + gapAcross), top + row * (height + gapDown));
    }
}
