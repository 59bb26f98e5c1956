package yellowtally.server.tension;

import java.util.OptionalDouble;
import org.jspecify.annotations.Nullable;
import yellowtally.core.cuttingset.Pitch;
import yellowtally.core.measure.NumberText;
import yellowtally.core.settings.Numbers;
import yellowtally.core.tension.Measured;
import yellowtally.core.tension.TenLinks;
import yellowtally.core.tension.TensionSetting;
import yellowtally.server.settings.HouseRules;
import yellowtally.server.support.Violations;

/**
 * What was measured beside the tension, as typed; each may be absent or blank.
 *
 * @param jointPlay a length
 * @param adjusterPlace turns out from the stop
 * @param tenLinks a length
 */
record MeasuredInput(
        @Nullable String jointPlay,
        @Nullable String adjusterPlace,
        @Nullable String tenLinks) {

    private static final double MOST_TURNS = 60;

    /** What a check on record measured, as if it was typed once more; lengths are kept in mm. */
    static MeasuredInput again(Measured was) {
        return new MeasuredInput(
                was.playPerJointMm() == null ? null : was.playPerJointMm() + " mm",
                was.adjusterPlace() == null ? null : String.valueOf(was.adjusterPlace()),
                was.tenLinksMm() == null ? null : was.tenLinksMm() + " mm");
    }

    /** What it says; what cannot be is said in {@code wrong}. */
    Measured read(HouseRules rules, Pitch pitch, Violations wrong) {
        Numbers numbers = rules.numbers();
        return new Measured(
                length("jointPlay", jointPlay, 0, numbers.of(TensionSetting.JOINT_PLAY_MOST), rules, wrong),
                place(wrong),
                length(
                        "tenLinks",
                        tenLinks,
                        TenLinks.leastMm(pitch, numbers),
                        TenLinks.mostMm(pitch, numbers),
                        rules,
                        wrong));
    }

    private static @Nullable Double length(
            String field, @Nullable String typed, double least, double most, HouseRules rules, Violations wrong) {
        return typed == null || typed.isBlank()
                ? null
                : wrong.length(field, typed, rules.lengthUnit(), least, most).orElse(null);
    }

    private @Nullable Double place(Violations wrong) {
        if (adjusterPlace == null || adjusterPlace.isBlank()) {
            return null;
        }
        OptionalDouble turns = NumberText.read(adjusterPlace);
        if (turns.isEmpty()) {
            wrong.add("adjusterPlace", "turns.form");
            return null;
        }
        return wrong.number("adjusterPlace", turns.getAsDouble(), 0, MOST_TURNS);
    }
}
