package yellowtally.core.oiling;

import java.time.Duration;
import java.time.Instant;
import java.util.Comparator;
import java.util.List;
import org.jspecify.annotations.Nullable;
import yellowtally.core.settings.Numbers;

/**
 * A saw that stands on fresh card to show whether it leaks (handbook section 7): looked at after four hours, closed only by a dry
 * day. Swap one thing, stand again.
 *
 * @param state how it stands
 * @param stoodAt when it was stood there; {@code null} when it does not stand
 * @param lookAt when the first look is due; {@code null} when it does not stand
 * @param dryAt when a dry look closes it; {@code null} when it does not stand
 * @param wet where it was wet at the last look of this stand; {@code null} before the first
 */
public record LeakWatch(
        LeakState state,
        @Nullable Instant stoodAt,
        @Nullable Instant lookAt,
        @Nullable Instant dryAt,
        @Nullable Wet wet) {

    /** How a watch stands. */
    public enum LeakState {
        /** Nobody has stood it on card, or it went out since. */
        NOT_STANDING,
        /** Too early for a look that means something. */
        STANDS,
        /** The first look is due. */
        LOOK_DUE,
        /** Dry at the first look; the dry day goes on. */
        DRY_SO_FAR,
        /** The day is over: look again. */
        LAST_LOOK_DUE,
        /** Wet: find it, swap one thing, stand it again. */
        WET,
        /** A dry day on record. */
        DRY
    }

    /** A look at the card. */
    public record Look(Instant at, Wet wet) {}

    /**
     * Reads a watch.
     *
     * @param stoodAt when it was stood on card last; {@code null} for never
     * @param looks all looks, any order; those before {@code stoodAt} do not count
     * @param brokenAt when it went out last; {@code null} for never
     */
    public static LeakWatch of(
            @Nullable Instant stoodAt, List<Look> looks, @Nullable Instant brokenAt, Instant now, Numbers numbers) {
        if (stoodAt == null || (brokenAt != null && brokenAt.isAfter(stoodAt))) {
            return new LeakWatch(LeakState.NOT_STANDING, null, null, null, null);
        }
        Instant lookAt = stoodAt.plus(hours(numbers.of(OilingSetting.LOOK_HOURS)));
        Instant dryAt = stoodAt.plus(hours(numbers.of(OilingSetting.DRY_HOURS)));
        Look last = looks.stream()
                .filter(look -> !look.at().isBefore(stoodAt))
                .max(Comparator.comparing(Look::at))
                .orElse(null);
        return new LeakWatch(state(last, lookAt, dryAt, now), stoodAt, lookAt, dryAt, last == null ? null : last.wet());
    }

    private static LeakState state(@Nullable Look last, Instant lookAt, Instant dryAt, Instant now) {
        if (last != null && last.wet() != Wet.DRY) {
            return LeakState.WET;
        }
        if (last != null && !last.at().isBefore(dryAt)) {
            return LeakState.DRY;
        }
        if (!now.isBefore(dryAt)) {
            return LeakState.LAST_LOOK_DUE;
        }
        // A dry look before its time says nothing yet.
        if (last != null && !last.at().isBefore(lookAt)) {
            return LeakState.DRY_SO_FAR;
        }
        return now.isBefore(lookAt) ? LeakState.STANDS : LeakState.LOOK_DUE;
    }

    /** Whether a dry day is on record. */
    public boolean dry() {
        return state == LeakState.DRY;
    }

    /** When somebody has to look next; {@code null} when nothing is waited for. */
    public @Nullable Instant nextLook() {
        return switch (state) {
            case STANDS, LOOK_DUE -> lookAt;
            case DRY_SO_FAR, LAST_LOOK_DUE -> dryAt;
            case NOT_STANDING, WET, DRY -> null;
        };
    }

    private static Duration hours(double hours) {
        return Duration.ofMinutes(Math.round(hours * 60));
    }
}
