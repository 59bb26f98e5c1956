package yellowtally.core.holds;

import static yellowtally.core.schedule.Uses.at;
import static yellowtally.core.schedule.Uses.day;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.EnumSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import yellowtally.core.log.Figures;
import yellowtally.core.log.MeasureEntry;
import yellowtally.core.log.SawLog;
import yellowtally.core.log.StepEntry;
import yellowtally.core.schedule.Seasons;
import yellowtally.core.settings.Numbers;
import yellowtally.core.steps.Finding;
import yellowtally.core.steps.Measure;
import yellowtally.core.steps.Profiles;
import yellowtally.core.steps.SawProfile;
import yellowtally.core.steps.Step;
import yellowtally.core.steps.StepOutcome;
import yellowtally.core.steps.Subject;

/** Records of a saw as a table tells them, one a day from the third day on: {@code NEW_GUARD; OUTSIDE_LOOK ATTEND}. */
final class Told {

    static final Set<Subject> ALL = EnumSet.allOf(Subject.class);

    private final List<StepEntry> records = new ArrayList<>();
    private final List<MeasureEntry> figures = new ArrayList<>();
    private int day = 3;

    /** Each line a step, then its outcome if not fine, or NOTEBOOK for what was told only, then a figure as {@code 0.9}. */
    static Told of(String story) {
        Told told = new Told();
        for (String line : story == null ? new String[0] : story.split(";")) {
            told.tell(line.strip().split(" "));
        }
        return told;
    }

    private void tell(String[] words) {
        Step step = Step.valueOf(words[0]);
        StepOutcome outcome = StepOutcome.FINE;
        boolean notebook = Arrays.asList(words).contains("NOTEBOOK");
        for (int i = 1; i < words.length; i++) {
            if (Character.isDigit(words[i].charAt(0))) {
                Measure measure = measure(step);
                figures.add(
                        new MeasureEntry(day, "r" + day, measure, at(day, 12), Double.parseDouble(words[i]), notebook));
            } else if (!words[i].equals("NOTEBOOK")) {
                outcome = StepOutcome.valueOf(words[i]);
            }
        }
        records.add(new StepEntry(
                day,
                step,
                at(day, 12),
                day(day),
                outcome,
                Set.of(),
                null,
                ALL,
                notebook ? new yellowtally.core.log.Told(day(day), null) : null));
        day++;
    }

    private static Measure measure(Step step) {
        return switch (step) {
            case BRAKE_BAND -> Measure.BAND_THICKNESS;
            case GROOVE -> Measure.GROOVE_DEPTH;
            case SHARPEN -> Measure.STROKES_LEFT;
            case CHAIN_LOOK -> Measure.SHORTEST_CUTTER;
            case DEPTH_GAUGES -> Measure.GAUGE_SETTING;
            default -> throw new IllegalArgumentException(step.name());
        };
    }

    /** A figure taken on the second day, before all that is told. */
    Told before(Measure measure, double mm) {
        figures.add(new MeasureEntry(1, "before", measure, at(2, 12), mm));
        return this;
    }

    SawLog log() {
        return SawLog.of(records);
    }

    HoldEvidence evidence(SawProfile saw) {
        JudgedFigures judged = JudgedFigures.of(Figures.of(figures, List.of()), saw, Numbers.STANDARD);
        return new HoldEvidence(saw, log(), judged, Seasons.STANDARD, Map.of());
    }

    /** What is missing for a finding that failed on the second day. */
    Proving proving(Finding... findings) {
        return Proving.of(
                Hold.failed("hold", at(2, 12), findings[0].step(), Set.of(findings), ALL), evidence(Profiles.petrol()));
    }
}
