package yellowtally.core.edge;

import yellowtally.core.cuttingset.Pitch;
import yellowtally.core.settings.LinedSetting;
import yellowtally.core.settings.SettingLine;
import yellowtally.core.settings.SettingUnit;

/** The limits of an edge (handbook section 4). */
public enum EdgeSetting implements LinedSetting {
    GAUGE_1_4(setting("quarter", 0.65, "1/4\"")),
    GAUGE_3_8_LP(setting("three-eighths-low", 0.65, "3/8\" low profile")),
    GAUGE_325(setting("325", 0.65, ".325\"")),
    GAUGE_3_8(setting("three-eighths", 0.65, "3/8\"")),
    GAUGE_404(setting("404", 0.80, ".404\"")),
    GAUGE_FILE(SettingLine.given(
            "edge.gauge.file-under",
            0.15,
            SettingUnit.MM,
            0.05,
            0.5,
            4,
            "A gauge standing this much too high, so that the setting falls short by more, is filed.")),
    GAUGE_LOW(SettingLine.given(
            "edge.gauge.low-over",
            0.15,
            SettingUnit.MM,
            0.05,
            0.5,
            4,
            "A setting over by this is too low: held for edge work.")),
    GAUGE_KICKBACK(SettingLine.given(
                    "edge.gauge.kickback-over",
                    0.3,
                    SettingUnit.MM,
                    0.1,
                    1,
                    4,
                    "A setting over by this is a kickback risk: not to be used.")
            .over(GAUGE_LOW)),
    WEAR_MARK(SettingLine.given(
            "edge.cutter.wear-mark",
            4.0,
            SettingUnit.MM,
            2,
            8,
            4,
            "Cutter length at which an unmarked loop is worn out.")),
    NEW_1_4(newLength("quarter", 7.0, "1/4\"").over(WEAR_MARK)),
    NEW_3_8_LP(newLength("three-eighths-low", 8.5, "3/8\" low profile").over(WEAR_MARK)),
    NEW_325(newLength("325", 9.5, ".325\"").over(WEAR_MARK)),
    NEW_3_8(newLength("three-eighths", 11.0, "3/8\"").over(WEAR_MARK)),
    NEW_404(newLength("404", 12.0, ".404\"").over(WEAR_MARK)),
    FILE_1_4(file("quarter", 4.0, "1/4\"")),
    FILE_3_8_LP(file("three-eighths-low", 4.0, "3/8\" low profile")),
    FILE_325(file("325", 4.8, ".325\"")),
    FILE_3_8(file("three-eighths", 5.2, "3/8\" (5.2 or 5.5 by maker)")),
    FILE_404(file("404", 5.5, ".404\"")),
    ANGLE_HARD(SettingLine.given(
            "edge.angle.hard",
            25,
            SettingUnit.DEGREES,
            10,
            45,
            4,
            "Top-plate angle in hard or frozen wood, where the chain does not ask for less.")),
    REMOVAL(SettingLine.estimate(
            "edge.stroke.removal",
            0.06,
            SettingUnit.MM,
            0.01,
            0.3,
            "What one stroke of the file takes off, until it is learned.")),
    BASE_STROKES(SettingLine.estimate(
            "edge.stroke.base",
            2,
            SettingUnit.COUNT,
            1,
            20,
            "Strokes that bring a cutter that still cuts to a clean edge.")),
    BASE_STROKES_DULL(SettingLine.estimate(
                    "edge.stroke.base-dull",
                    4,
                    SettingUnit.COUNT,
                    1,
                    30,
                    "Strokes that bring a dull cutter to a clean edge.")
            .over(BASE_STROKES)),
    BALANCE_CURVE(SettingLine.given(
            "edge.balance.curve-over",
            0.3,
            SettingUnit.MM,
            0.05,
            2,
            4,
            "Sides further apart than this lead the saw in a curve.")),
    BALANCE_EQUALISE(SettingLine.given(
                    "edge.balance.equalise-over",
                    0.6,
                    SettingUnit.MM,
                    0.1,
                    3,
                    4,
                    "Sides further apart than this are not just touched up.")
            .over(BALANCE_CURVE)),
    GAUGE_SIDES(SettingLine.estimate(
            "edge.gauge.sides",
            0.15,
            SettingUnit.MM,
            0.05,
            0.5,
            "Depth gauges lower on one side by more than this lead the saw in a curve.")),
    SPREAD(SettingLine.given(
            "edge.spread.over",
            0.4,
            SettingUnit.MM,
            0.1,
            3,
            4,
            "Cutters of one side further apart than this cut rough.")),
    OUTLIER(SettingLine.estimate(
            "edge.outlier.apart",
            0.6,
            SettingUnit.MM,
            0.2,
            4,
            "Cutters shorter than all others by more than this may be left out.")),
    GAUGE_3_8_SOFT(SettingLine.given(
            "edge.gauge.setting.three-eighths-soft",
            0.75,
            SettingUnit.MM,
            0.3,
            1.5,
            4,
            "Depth-gauge setting of 3/8\" chain in soft wood.")),
    GAUGE_DISTANCE(SettingLine.estimate(
            "edge.gauge.distance-new",
            6.5,
            SettingUnit.MM,
            3,
            15,
            "From the edge to the gauge on a new cutter: the progressive setting grows with what was filed off.")),
    TOP_PLATE_SLOPE(SettingLine.estimate(
            "edge.top-plate.slope",
            0.1,
            SettingUnit.FACTOR,
            0.02,
            0.4,
            "The edge gets lower by this share of what is filed off: the cure for gauges that are too low.")),
    LEARN_CHAIN(SettingLine.estimate(
            "edge.learn.chain",
            2,
            SettingUnit.COUNT,
            1,
            10,
            "Sharpenings of a loop from which its own removal per stroke is learned.")),
    LEARN_PITCH(SettingLine.estimate(
            "edge.learn.pitch",
            3,
            SettingUnit.COUNT,
            1,
            20,
            "Sharpenings of sister loops from which the removal per stroke is taken while its own is not known.")),
    STROKE_LEAST(SettingLine.estimate(
            "edge.stroke.least",
            0.005,
            SettingUnit.MM,
            0.001,
            0.05,
            "No file takes less in one stroke: a sharpening below this was measured wrongly.")),
    STROKE_MOST(SettingLine.estimate(
            "edge.stroke.most",
            0.5,
            SettingUnit.MM,
            0.1,
            1,
            "No file takes more in one stroke: a sharpening above this was measured wrongly.")),
    CALIPER(SettingLine.estimate(
            "edge.caliper.error",
            0.1,
            SettingUnit.MM,
            0.02,
            0.5,
            "Two readings of one cutter may differ by this much.")),
    MAKERS_DIFFER(SettingLine.estimate(
            "edge.cutter.makers-differ",
            3,
            SettingUnit.MM,
            0.5,
            6,
            "A cutter may be longer than the estimate for its pitch by this much: makers differ."));

    private final SettingLine line;

    EdgeSetting(SettingLine line) {
        this.line = line;
    }

    private static SettingLine setting(String key, double mm, String pitch) {
        return SettingLine.given(
                "edge.gauge.setting." + key,
                mm,
                SettingUnit.MM,
                0.3,
                1.5,
                4,
                "Depth-gauge setting below the cutter edge of " + pitch + " chain.");
    }

    private static SettingLine newLength(String key, double mm, String pitch) {
        return SettingLine.estimate(
                "edge.cutter.new." + key,
                mm,
                SettingUnit.MM,
                4,
                20,
                "Cutter length of a new " + pitch + " loop whose own is not known.");
    }

    private static SettingLine file(String key, double mm, String pitch) {
        return SettingLine.given(
                "edge.file." + key, mm, SettingUnit.MM, 3, 7, 4, "Round file for " + pitch + " chain.");
    }

    /** The setting that holds the cutter length of a new loop of a pitch. */
    public static EdgeSetting newLengthOf(Pitch pitch) {
        return switch (pitch) {
            case P_1_4 -> NEW_1_4;
            case P_3_8_LOW_PROFILE -> NEW_3_8_LP;
            case P_325 -> NEW_325;
            case P_3_8 -> NEW_3_8;
            case P_404 -> NEW_404;
        };
    }

    /** The setting that holds the file of a pitch. */
    public static EdgeSetting fileOf(Pitch pitch) {
        return switch (pitch) {
            case P_1_4 -> FILE_1_4;
            case P_3_8_LOW_PROFILE -> FILE_3_8_LP;
            case P_325 -> FILE_325;
            case P_3_8 -> FILE_3_8;
            case P_404 -> FILE_404;
        };
    }

    /** The setting that holds the depth-gauge setting of a pitch. */
    public static EdgeSetting gaugeSettingOf(Pitch pitch) {
        return switch (pitch) {
            case P_1_4 -> GAUGE_1_4;
            case P_3_8_LOW_PROFILE -> GAUGE_3_8_LP;
            case P_325 -> GAUGE_325;
            case P_3_8 -> GAUGE_3_8;
            case P_404 -> GAUGE_404;
        };
    }

    @Override
    public SettingLine line() {
        return line;
    }
}
