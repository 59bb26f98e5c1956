package yellowtally.core.tension;

import org.jspecify.annotations.Nullable;

/**
 * What was measured of a loop beside its tension; each may be absent.
 *
 * @param playPerJointMm play of one joint, mm, zero or more
 * @param adjusterPlace turns that the adjuster stood out from its stop when the nuts were tight, zero or more
 * @param tenLinksMm length over ten drive links, mm, over zero
 */
public record Measured(
        @Nullable Double playPerJointMm,
        @Nullable Double adjusterPlace,
        @Nullable Double tenLinksMm) {

    /** Nothing but the tension. */
    public static final Measured NONE = new Measured(null, null, null);
}
