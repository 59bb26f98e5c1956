package yellowtally.core.cuttingset;

/** Thickness of the drive links, and width of the bar groove that takes them. */
public enum Gauge {
    G_043(".043\""),
    G_050(".050\""),
    G_058(".058\""),
    G_063(".063\"");

    private final String label;

    Gauge(String label) {
        this.label = label;
    }

    /** The trade's way of writing this gauge. */
    public String label() {
        return label;
    }
}
