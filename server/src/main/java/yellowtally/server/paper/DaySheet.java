package yellowtally.server.paper;

import java.time.Clock;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;
import org.w3c.dom.Document;
import org.w3c.dom.Element;
import yellowtally.core.pack.PackKind;
import yellowtally.core.pack.PackLine;
import yellowtally.core.steps.FigureKind;
import yellowtally.core.steps.Step;
import yellowtally.core.visit.PlannedStep;
import yellowtally.server.packing.LayOuts;
import yellowtally.server.paper.Page.Column;
import yellowtally.server.planning.PlannedVisits;
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

    private final PlannedVisits visits;
    private final LayOuts layOuts;
    private final PackLines lines;
    private final FleetName name;
    private final PaperWords words;
    private final HouseUnits house;
    private final Clock clock;

    DaySheet(
            PlannedVisits visits,
            LayOuts layOuts,
            PackLines lines,
            FleetName name,
            PaperWords words,
            HouseUnits house,
            Clock clock) {
        this.visits = visits;
        this.layOuts = layOuts;
        this.lines = lines;
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
        PlannedVisits.Today today = visits.today();
        page.child(body, "p", said(today));
        page.child(
                        body,
                        "p",
                        "Nothing goes out by this sheet: what is written on it counts when it is on record, and a held saw stays held"
                                + " until an officer releases it. The maker’s manual and local rules come first.")
                .setAttribute("class", "caution");
        layOut(page, body);
        today.saws().forEach(standing -> saw(page, body, standing));
        return page.document();
    }

    private void layOut(Page page, Element body) {
        List<PackLine> laid = layOuts.now().get(0).lines().stream()
                .filter(line -> line.kind() != PackKind.SAW)
                .toList();
        if (laid.isEmpty()) {
            return;
        }
        page.child(body, "h2", "Lay out");
        lines.table(page, body, laid, Set.of());
    }

    private static String said(PlannedVisits.Today today) {
        String minutes = Math.round(today.minutes()) + " minutes left today";
        String planned = today.saws().isEmpty()
                ? minutes + "; nothing is planned for the bench."
                : minutes + ", about " + Math.round(today.planned()) + " (est.) planned.";
        return today.later().isEmpty()
                ? planned
                : planned + " On other days: " + String.join(", ", today.later()) + ".";
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
