package yellowtally.core.stores;

import java.util.Set;
import yellowtally.core.steps.Step;

/** Kinds of stock that are counted, not tagged (handbook sections 4 to 9). */
public enum StockKind {
    PLUG(StockUnit.PIECE, true, Step.PLUG),
    AIR_FILTER(StockUnit.PIECE, true, Step.AIR_FILTER),
    FILE(StockUnit.PIECE, false, Step.SHARPEN),
    NEEDLE_BEARING(StockUnit.PIECE, true, Step.BEARING, Step.REPLACE_SPROCKET),
    BAR_OIL(StockUnit.LITRE, false, Step.FILL),
    TWO_STROKE_OIL(StockUnit.LITRE, true, Step.FILL),
    GREASE(StockUnit.SHOT, false, Step.NOSE_GREASE, Step.BEARING),
    BAR_GUARD(StockUnit.PIECE, false, Step.OUTSIDE_LOOK),
    ARRESTOR_SCREEN(StockUnit.PIECE, true, Step.ARRESTOR, Step.NEW_SCREEN),
    PICK_UP_FILTER(StockUnit.PIECE, false, Step.TANKS),
    STARTER_ROPE(StockUnit.PIECE, true, Step.NEW_ROPE),
    HAND_GUARD(StockUnit.PIECE, false, Step.NEW_GUARD),
    CATCHER(StockUnit.PIECE, false, Step.NEW_CATCHER),
    CAP_SEAL(StockUnit.PIECE, false, Step.NEW_CAP_SEAL),
    CONTROL_PART(StockUnit.PIECE, false, Step.NEW_CONTROL_PART),
    MOUNT(StockUnit.PIECE, false, Step.NEW_MOUNT),
    FASTENER(StockUnit.PIECE, false, Step.TIGHTEN);

    private final StockUnit unit;
    private final boolean petrolOnly;
    private final Set<Step> steps;

    StockKind(StockUnit unit, boolean petrolOnly, Step... steps) {
        this.unit = unit;
        this.petrolOnly = petrolOnly;
        this.steps = Set.of(steps);
    }

    /** What it is counted in. */
    public StockUnit unit() {
        return unit;
    }

    /** Whether only a petrol saw takes it. */
    public boolean petrolOnly() {
        return petrolOnly;
    }

    /** Whether it may be taken at this step. */
    public boolean takenAt(Step step) {
        return steps.contains(step);
    }

    /** What is counted. */
    public enum StockUnit {
        PIECE,
        LITRE,
        SHOT;

        /** Whether only whole numbers make sense. */
        public boolean whole() {
            return this != LITRE;
        }
    }
}
