package yellowtally.server.paper;

import java.time.Clock;
import java.time.Instant;
import java.time.LocalDate;
import java.time.YearMonth;
import java.time.format.DateTimeFormatter;
import java.util.Locale;
import java.util.Optional;
import org.springframework.stereotype.Component;
import yellowtally.core.cuttingset.BarSpec;
import yellowtally.core.measure.LengthUnit;
import yellowtally.core.steps.FigureKind;
import yellowtally.core.steps.Power;
import yellowtally.core.tension.TensionSubject;
import yellowtally.core.tension.TensionTarget;
import yellowtally.server.fleet.Loop;
import yellowtally.server.fleet.SawDetails;
import yellowtally.server.sheets.Words;
import yellowtally.server.standing.FittedSaw;
import yellowtally.server.standing.Standing;
import yellowtally.server.support.HouseUnits;
import yellowtally.server.support.Sentences;

/** What papers call days, sizes and states. */
@Component
class PaperWords {

    private static final DateTimeFormatter DAY = DateTimeFormatter.ofPattern("d MMM uuuu", Locale.ENGLISH);
    private static final DateTimeFormatter MOMENT = DateTimeFormatter.ofPattern("d MMM uuuu, HH:mm", Locale.ENGLISH);
    private static final DateTimeFormatter MONTH = DateTimeFormatter.ofPattern("MMMM uuuu", Locale.ENGLISH);

    private final Clock clock;
    private final Sentences sentences;
    private final Words words = Words.ofScreens();

    PaperWords(Clock clock, Sentences sentences) {
        this.clock = clock;
        this.sentences = sentences;
    }

    /** A code in the words of the screens. */
    String of(String kind, Enum<?> code) {
        return words.of(kind, code);
    }

    String day(LocalDate day) {
        return DAY.format(day);
    }

    String day(Instant at) {
        return DAY.format(at.atZone(clock.getZone()));
    }

    String moment(Instant at) {
        return MOMENT.format(at.atZone(clock.getZone()));
    }

    String month(YearMonth month) {
        return MONTH.format(month);
    }

    /** So much burned, by what the saw runs on. */
    String burned(double count, Power power) {
        return words.burned(count, power);
    }

    /** Bar and power in a few words. */
    String size(Standing standing) {
        String power = power(standing.profile().power());
        FittedSaw.Hung<BarSpec> bar = standing.fitted().bar();
        // Bars are spoken of in inches everywhere.
        return bar == null ? power : LengthUnit.INCH.said(bar.spec().lengthMm()) + " bar, " + power;
    }

    String power(Power power) {
        return of("power", power).toLowerCase(Locale.ROOT);
    }

    /** Whether it may be used, and why not. */
    String state(Standing standing) {
        return standing.whyHeld()
                .map(why -> "Held: must not be used, " + sentences.of(why))
                .orElseGet(() -> switch (standing.account().state()) {
                    case FIT -> "Fit: may go out.";
                    case DUE -> "Due: usable, work waits.";
                    case HELD -> "Held: must not be used.";
                });
    }

    /** The unit of a figure that is no length. */
    String figureUnit(FigureKind kind) {
        return words.of("figureUnit", kind);
    }

    /** How far the chain should pull down at mid bar for what this saw mostly does; empty without bar or chain. */
    Optional<String> aim(Standing standing, HouseUnits house) {
        FittedSaw.Hung<BarSpec> bar = standing.fitted().bar();
        FittedSaw.Hung<Loop> chain = standing.fitted().chain();
        if (bar == null || chain == null) {
            return Optional.empty();
        }
        SawDetails card = standing.fitted().saw().details();
        TensionSubject subject = new TensionSubject(
                bar.spec().lengthMm(),
                chain.spec().tangMm(standing.numbers()),
                card.usualWork(),
                card.adjusterLeadMm());
        return Optional.of(house.lengthUnit().saidByRule(TensionTarget.pullDownMm(subject, standing.numbers())));
    }
}
