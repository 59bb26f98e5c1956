package yellowtally.core.edge;

/** Which way a cutter throws its chip, seen in the direction of travel. */
public enum Side {
    LEFT,
    RIGHT;

    /** The other one. */
    public Side other() {
        return this == LEFT ? RIGHT : LEFT;
    }

    /** The side of a cutter by its place from the start cutter: they take turns. */
    public static Side at(int place, Side start) {
        return place % 2 == 0 ? start : start.other();
    }
}
