package yellowtally.server.paper;

import java.time.Clock;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;
import org.w3c.dom.Document;
import org.w3c.dom.Element;
import yellowtally.core.steps.FigureKind;
import yellowtally.core.steps.Step;
import yellowtally.core.visit.PlannedStep;
import yellowtally.server.board.BenchToday;
import yellowtally.server.paper.Page.Column;
import yellowtally.server.sheets.Words;
import yellowtally.server.signin.FleetName;
import yellowtally.server.standing.Standing;
import yellowtally.server.support.HouseUnits;
import yellowtally.server.visit.StepChoices;

/**
 * The day's sheet for the bench: the saws that today's minutes are enough for, most urgent first, and what each wants, with room to
 * write down what is read where no screen is at hand.
 */
@Component
class DaySheet {

    private static final String BLANK = "________";

    private static final List<Column> COLUMNS = List.of(
            new Column("Done", 6),
            new Column("Step", 28),
            new Column("Caution", 26),
            new Column("Read", 23),
            new Column("Outcome", 17));

    private final BenchToday bench;
    private final FleetName name;
    private final PaperWords words;
    private final HouseUnits house;
    private final Clock clock;

    DaySheet(BenchToday bench, FleetName name, PaperWords words, HouseUnits house, Clock clock) {
        this.bench = bench;
        this.name = name;
        this.words = words;
        this.house = house;
        this.clock = clock;
    }

    Document now() {
        String day = words.day(LocalDate.now(clock));
        Page page = new Page("Day sheet", PaperStyle.of(house, name.now() + ", day sheet of " + day));
        Element body = page.body();
        page.child(body, "h1", "Day sheet");
        page.child(body, "p", name.now() + ", " + words.moment(clock.instant()));
        BenchToday.Queue queue = bench.queue();
        int fits = shown(queue);
        page.child(body, "p", said(queue));
        page.child(
                        body,
                        "p",
                        "Nothing goes out by this sheet: what is written on it counts when it is on record, and a held saw stays held"
                                + " until an officer releases it. The maker’s manual and local rules come first.")
                .setAttribute("class", "caution");
        queue.saws().stream().limit(fits).forEach(standing -> saw(page, body, standing));
        return page.document();
    }

    /** How many saws are on it: the first is begun today even where the whole day is not enough for it. */
    private static int shown(BenchToday.Queue queue) {
        return Math.max(1, queue.day().fits());
    }

    private String said(BenchToday.Queue queue) {
        int fits = shown(queue);
        String minutes = Words.number(queue.day().minutes()) + " minutes today";
        if (queue.saws().isEmpty()) {
            return minutes + "; nothing waits for the bench.";
        }
        String left = queue.saws().stream()
                .skip(fits)
                .map(standing -> standing.fitted().saw().tag())
                .collect(Collectors.joining(", "));
        String all = minutes + ", about " + Math.round(queue.day().plannedMinutes()) + " (est.) wait.";
        return left.isEmpty() ? all : all + " Not all of it fits today. Left for another day: " + left + ".";
    }

    private void saw(Page page, Element body, Standing standing) {
        long minutes = Math.round(standing.plan().bill().totalMinutes());
        page.child(
                body,
                "h2",
                "Saw " + standing.fitted().saw().tag() + ", " + words.size(standing) + ", about " + minutes
                        + " min (est.)");
        page.child(body, "p", words.state(standing));
        List<List<@Nullable String>> rows = new ArrayList<>();
        for (PlannedStep planned : standing.plan().steps()) {
            Step step = planned.step();
            String why =
                    planned.finding() == null ? words.of("why", planned.why()) : words.of("finding", planned.finding());
            String caution = words.of("caution", step);
            rows.add(Page.row(
                    null,
                    words.of("step", step) + (why.isEmpty() ? "" : " (" + why + ")"),
                    caution.isEmpty() ? null : caution,
                    reads(step, standing),
                    "fine / needs work / fail"));
        }
        page.ticks(page.table(body, COLUMNS, rows));
    }

    private @Nullable String reads(Step step, Standing standing) {
        if (step == Step.TENSION) {
            return BLANK + words.aim(standing, house).map(aim -> " aim " + aim).orElse("");
        }
        String figures = StepChoices.measures(step, standing.profile()).stream()
                .map(measure -> words.of("measure", measure.measure()) + " " + BLANK + unit(measure.kind()))
                .collect(Collectors.joining("; "));
        return figures.isEmpty() ? null : figures;
    }

    private String unit(FigureKind kind) {
        String unit = kind == FigureKind.LENGTH ? house.lengthUnit().sign() : words.figureUnit(kind);
        return unit.isEmpty() ? "" : " " + unit;
    }
}
