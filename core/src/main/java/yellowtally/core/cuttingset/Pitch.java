package yellowtally.core.cuttingset;

/**
 * Chain pitch: half the distance over three successive rivets. The 3/8" and 3/8" low-profile chains share the figure but
 * not the parts, so they are two pitches here (handbook sections 2 and 3).
 */
public enum Pitch {
    P_1_4("1/4\"", 0.25),
    P_3_8_LOW_PROFILE("3/8\" low profile", 0.375),
    P_325(".325\"", 0.325),
    P_3_8("3/8\"", 0.375),
    P_404(".404\"", 0.404);

    private final String label;
    private final double inches;

    Pitch(String label, double inches) {
        this.label = label;
        this.inches = inches;
    }

    /** The trade's way of writing this pitch. */
    public String label() {
        return label;
    }

    /** Pitch in millimetres. */
    public double mm() {
        return inches * 25.4;
    }
}
