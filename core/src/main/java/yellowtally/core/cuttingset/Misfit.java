package yellowtally.core.cuttingset;

/**
 * One reason why a set does not fit, with the two figures that disagree, so that it can be said in words.
 *
 * @param kind what disagrees
 * @param has what the first-named part of the kind has, as the trade writes it
 * @param asks what the second-named part asks for
 */
public record Misfit(Kind kind, String has, String asks) {

    /** Which two parts disagree about what; named chain before sprocket before bar. */
    public enum Kind {
        CHAIN_PITCH_AND_SPROCKET,
        CHAIN_PITCH_AND_BAR,
        SPROCKET_PITCH_AND_BAR,
        CHAIN_GAUGE_AND_BAR,
        DRIVE_LINKS_AND_BAR
    }
}
