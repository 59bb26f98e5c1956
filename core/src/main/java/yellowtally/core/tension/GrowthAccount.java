package yellowtally.core.tension;

import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.Objects;
import org.jspecify.annotations.Nullable;
import yellowtally.core.cuttingset.LoopSpec;

/**
 * The growth of one loop as its checks tell it (handbook section 3): turns taken up while the set was together, the adjuster's
 * place across the times it was apart, joint play, and the length over ten links. Checks are added in order of time.
 */
public final class GrowthAccount {

    /** Two readings of the play of one joint may differ by so much, mm (est., general practice). */
    private static final double PLAY_ERROR_MM = 0.03;

    /** Two readings of the length over ten links may differ by so much, mm (est., general practice). */
    private static final double LENGTH_ERROR_MM = 0.4;

    private final LoopSpec loop;
    private final NotHealing play = new NotHealing(PLAY_ERROR_MM);
    private final NotHealing tenLinks = new NotHealing(LENGTH_ERROR_MM);
    private final List<Point> points = new ArrayList<>();

    private double movedMm;
    private double movedAtPlay;
    private double movedAtTenLinks;
    private @Nullable Double firstTenLinks;
    private double movedAtFirst;
    private @Nullable Place place;
    private int refitsUncounted;

    /** An account without checks. */
    public GrowthAccount(LoopSpec loop) {
        this.loop = loop;
    }

    /**
     * One check as it ended.
     *
     * @param at when it was made
     * @param fitting the set that was on; places of the adjuster compare within one set only
     * @param apart whether it was the first since the set was apart: its turns seat the bar
     * @param used whether the loop has been used since the check before
     * @param turns turns made during the check, in positive
     * @param leadMm bar movement of a turn, mm
     */
    public record Check(
            Instant at, Object fitting, boolean apart, boolean used, double turns, double leadMm, Measured measured) {}

    /** What was known after a check. */
    public record Point(Instant at, Grown grown) {}

    private record Place(Object fitting, double turns) {}

    /** Takes the next check in. */
    public void add(Check check) {
        move(check);
        Measured now = check.measured();
        if (now.playPerJointMm() != null && play.read(now.playPerJointMm())) {
            movedAtPlay = movedMm;
        }
        if (now.tenLinksMm() != null) {
            addTenLinks(now.tenLinksMm());
        }
        points.add(new Point(check.at(), grown()));
    }

    private void move(Check check) {
        Double stands = check.measured().adjusterPlace();
        Place before = place != null && place.fitting().equals(check.fitting()) ? place : null;
        if (stands != null && before != null) {
            movedMm += (stands - before.turns()) * check.leadMm();
        } else if (!check.apart()) {
            movedMm += check.turns() * check.leadMm();
        } else if (check.used()) {
            refitsUncounted++;
        }
        if (stands != null) {
            place = new Place(check.fitting(), stands);
        } else {
            // Where it stands after the set was apart nobody knows; while it is together the turns tell.
            place = before == null || check.apart() ? null : new Place(check.fitting(), before.turns() + check.turns());
        }
    }

    private void addTenLinks(double mm) {
        if (firstTenLinks == null) {
            firstTenLinks = mm;
            movedAtFirst = movedMm;
            tenLinks.read(mm);
        } else if (tenLinks.read(mm)) {
            movedAtTenLinks = movedMm;
        }
    }

    /** What is known after the last check. */
    public Grown grown() {
        return new Grown(byTurns(movedMm), byPlay(), byTenLinks(), refitsUncounted);
    }

    /** What was known after each check, in order of time. */
    public List<Point> points() {
        return List.copyOf(points);
    }

    /** Where the adjuster stands, turns out from its stop, on this set; {@code null} when nobody knows. */
    public @Nullable Double placeOn(Object fitting) {
        return place != null && place.fitting().equals(fitting) ? Double.valueOf(place.turns()) : null;
    }

    private static double byTurns(double moved) {
        return Math.max(0, 2 * moved);
    }

    private @Nullable Double byPlay() {
        Double believed = play.believed();
        return believed == null
                ? null
                : Double.valueOf(2 * loop.driveLinks() * believed + byTurns(movedMm - movedAtPlay));
    }

    private @Nullable Double byTenLinks() {
        Double now = tenLinks.believed();
        Double first = firstTenLinks;
        if (now == null || first == null || Objects.equals(now, first)) {
            return null;
        }
        double since = loop.lengthMm() * (now - first) / first;
        return Math.max(0, byTurns(movedAtFirst) + since + byTurns(movedMm - movedAtTenLinks));
    }

    /** Joints do not heal: less than before counts once a second reading agrees (handbook section 11, rule 7). */
    private static final class NotHealing {
        private final double errorMm;
        private @Nullable Double believed;
        private @Nullable Double waiting;

        NotHealing(double errorMm) {
            this.errorMm = errorMm;
        }

        /** Takes a reading in; whether it is believed. */
        boolean read(double now) {
            boolean heals = believed != null && believed - now > errorMm;
            boolean agrees = waiting != null && Math.abs(waiting - now) <= errorMm;
            if (heals && !agrees) {
                waiting = now;
                return false;
            }
            believed = now;
            waiting = null;
            return true;
        }

        @Nullable
        Double believed() {
            return believed;
        }
    }
}
