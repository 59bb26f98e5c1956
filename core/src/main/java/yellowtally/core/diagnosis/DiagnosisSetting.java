package yellowtally.core.diagnosis;

import yellowtally.core.settings.LinedSetting;
import yellowtally.core.settings.SettingLine;
import yellowtally.core.settings.SettingUnit;

/** When the fault finder is sure, and when it gives up (estimates all). */
public enum DiagnosisSetting implements LinedSetting {
    CLEAR_FROM(SettingLine.estimate(
            "diagnosis.clear.from",
            85,
            SettingUnit.PERCENT,
            60,
            99,
            "A cause stands clear from this share of all that may be behind a complaint.")),
    LEAST_BITS(SettingLine.estimate(
            "diagnosis.check.least",
            0.05,
            SettingUnit.FACTOR,
            0.001,
            0.5,
            "A check that tells less than this (in bits) is not worth its minutes.")),
    SURPRISE(SettingLine.estimate(
            "diagnosis.surprise",
            3.2,
            SettingUnit.FACTOR,
            1,
            12,
            "Answers that surprise more than this under the best cause contradict each other.")),
    ENDS_UNDER(SettingLine.estimate(
            "diagnosis.ends.under",
            0.05,
            SettingUnit.FACTOR,
            0.001,
            0.2,
            "A direct look rules a cause out when its answer is less likely than this under that cause.")),
    TIE(SettingLine.estimate(
            "diagnosis.tie",
            5,
            SettingUnit.PERCENT,
            0,
            50,
            "Checks this near in what they tell per minute are a tie; the safer one is offered.")),
    SAID_FROM(SettingLine.estimate(
            "diagnosis.said.from",
            1.15,
            SettingUnit.FACTOR,
            1.01,
            3,
            "An answer that makes a cause this many times likelier, or less likely, is told.")),
    LEFT_OFTEN(SettingLine.estimate(
            "diagnosis.left.often",
            3,
            SettingUnit.FACTOR,
            1,
            20,
            "A task of every outing counts as evidence once it was left for this many outings."));

    private final SettingLine line;

    DiagnosisSetting(SettingLine line) {
        this.line = line;
    }

    @Override
    public SettingLine line() {
        return line;
    }
}
