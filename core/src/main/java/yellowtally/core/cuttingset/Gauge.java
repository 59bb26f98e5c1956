package yellowtally.core.cuttingset;

/** Thickness of the drive links, and width of the bar groove that takes them. */
public enum Gauge {
    G_043(".043\"", 0.043),
    G_050(".050\"", 0.050),
    G_058(".058\"", 0.058),
    G_063(".063\"", 0.063);

    private final String label;
    private final double inches;

    Gauge(String label, double inches) {
        this.label = label;
        this.inches = inches;
    }

    /** Gauge in millimetres. */
    public double mm() {
        return inches * 25.4;
    }

    /** The trade's way of writing this gauge. */
    public String label() {
        return label;
    }
}
