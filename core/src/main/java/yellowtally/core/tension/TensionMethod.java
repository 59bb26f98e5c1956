package yellowtally.core.tension;

/** The five ways to read chain tension (handbook section 3). A fleet picks one as its house method. */
public enum TensionMethod {
    /** Light pull down at mid-bar, in mm or by eye on the tips of the drive links. */
    TANG_LINE,
    /** Light lift at mid-bar on top, in mm, and whether the chain springs back. */
    LIFT_AND_SNAP,
    /** No pull: gap between strap and lower rail at mid-bar, in mm. */
    RAIL_TOUCH,
    /** Light pull: the gap passes one coin, not two; in mm. */
    COIN_GAP,
    /** Adjuster turned on past rail touch, in degrees. */
    TWELFTH_PAST_TOUCH;

    /** Whether a good reading has to move freely by one finger too, so that the hand must say how it moves. */
    public boolean asksMovement() {
        return this == RAIL_TOUCH || this == TWELFTH_PAST_TOUCH;
    }

    /** Whether the verdict goes by the ratio of slack to target slack rather than by a fixed band. */
    public boolean judgedByRatio() {
        return this == TANG_LINE || this == LIFT_AND_SNAP;
    }
}
