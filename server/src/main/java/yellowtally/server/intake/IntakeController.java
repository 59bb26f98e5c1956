package yellowtally.server.intake;

import java.time.Clock;
import java.time.Instant;
import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import java.util.OptionalDouble;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.http.HttpStatus;
import org.springframework.transaction.annotation.Transactional;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;
import yellowtally.core.past.PastEntry;
import yellowtally.core.past.PastLine;
import yellowtally.core.past.ToldUse;
import yellowtally.core.schedule.UseUnit;
import yellowtally.core.steps.Measure;
import yellowtally.core.steps.Power;
import yellowtally.core.steps.Step;
import yellowtally.server.fleet.Fleet;
import yellowtally.server.fleet.NewSaws;
import yellowtally.server.fleet.Saw;
import yellowtally.server.fleet.SawInput;
import yellowtally.server.fleet.SawView;
import yellowtally.server.fleet.SetInput;
import yellowtally.server.people.People;
import yellowtally.server.people.Person;
import yellowtally.server.settings.FleetSettings;
import yellowtally.server.standing.Standings;
import yellowtally.server.support.OfSaw;
import yellowtally.server.support.OnceOnly;
import yellowtally.server.support.Sentences;
import yellowtally.server.support.Violations;
import yellowtally.server.worklog.WorkRecord;

/** A saw is brought in, new or with a past; more of its past is told later. */
@RestController
class IntakeController {

    private static final int LONGEST_REASON = 300;

    private final NewSaws newSaws;
    private final Past past;
    private final PastUses uses;
    private final PastReader reader;
    private final Fleet fleet;
    private final Standings standings;
    private final FleetSettings settings;
    private final People people;
    private final OnceOnly onceOnly;
    private final Sentences sentences;
    private final Clock clock;

    IntakeController(
            NewSaws newSaws,
            Past past,
            PastUses uses,
            PastReader reader,
            Fleet fleet,
            Standings standings,
            FleetSettings settings,
            People people,
            OnceOnly onceOnly,
            Sentences sentences,
            Clock clock) {
        this.newSaws = newSaws;
        this.past = past;
        this.uses = uses;
        this.reader = reader;
        this.fleet = fleet;
        this.standings = standings;
        this.settings = settings;
        this.people = people;
        this.onceOnly = onceOnly;
        this.sentences = sentences;
        this.clock = clock;
    }

    /** A new saw, with its set or without, and what is known of its past. */
    record NewSaw(
            UUID id,
            String tag,
            SawInput saw,
            @Nullable SetInput set,
            @Nullable PastInput past) {}

    /** More of a saw's past. */
    record MorePast(UUID id, PastInput past) {}

    /**
     * What is being typed of a past; nothing is stored.
     *
     * @param inService its first day in service, where that can be read
     */
    record PastQuestion(
            Power power, boolean sparkArrestor, @Nullable LocalDate inService, List<PastInput.PastLineInput> lines) {}

    /** What is being typed of the past of a saw that is here already; nothing is stored. */
    record MorePastQuestion(List<PastInput.PastLineInput> lines) {}

    /** The lines that a saw of this kind can have, those that were read, and what is wrong with the others. */
    record PastAnswer(List<PastLineView> lines, List<PastRead> read, List<PastFault> wrong) {}

    /**
     * A line that a notebook may have.
     *
     * @param since what is counted since; absent where the calendar alone counts
     */
    record PastLineView(Step step, @Nullable UseUnit since, List<Measure> figures) {}

    /**
     * A line as it was read.
     *
     * @param roughly whether only a month or a year was told: its first day counts
     * @param since what counts as used since; absent while nobody knows
     * @param atMost whether that follows from another line, which is never too little (est.)
     * @param figures mm
     */
    record PastRead(
            Step step,
            LocalDate day,
            boolean roughly,
            @Nullable Double since,
            boolean atMost,
            Map<Measure, Double> figures) {}

    /** What cannot be, and its sentence. */
    record PastFault(String field, String code, String sentence) {}

    /**
     * What was told of a saw, and what can be.
     *
     * @param until the last day that can be told of: its own records begin then
     * @param use what it used before; absent where nothing of that was told
     */
    record PastPage(
            String tag,
            Power power,
            LocalDate until,
            List<ToldLine> told,
            @Nullable PastUseView use) {}

    /**
     * What was told of days of use.
     *
     * @param days how many there are
     * @param tanks of all of them
     */
    record PastUseView(int days, double tanks, LocalDate from, LocalDate to) {}

    /** Why what was told of its use is struck out. */
    record PastUseStrike(UUID id, String reason) {}

    /**
     * Something that was told.
     *
     * @param since what had been used since, in {@code unit}; both absent where nothing is counted or nobody knows
     */
    record ToldLine(
            UUID id,
            Step step,
            Instant at,
            @Nullable Double since,
            @Nullable UseUnit unit,
            Map<Measure, Double> figures) {}

    @PostMapping("/api/saws")
    SawView add(@RequestBody NewSaw given) {
        onceOnly.run(given.id(), given, () -> {
            Person person = people.acting();
            Saw saw = newSaws.add(given.id(), given.tag(), given.saw(), given.set(), person);
            if (given.past() != null) {
                past.tell(saw, given.past(), person);
            }
        });
        return fleet.view(fleet.saw(given.tag()));
    }

    @PostMapping("/api/past/preview")
    PastAnswer preview(@RequestBody PastQuestion question) {
        LocalDate today = LocalDate.now(clock);
        return answer(
                PastLine.of(question.power(), question.sparkArrestor()),
                question.lines(),
                new PastReader.About(
                        question.power(),
                        question.inService(),
                        today,
                        today,
                        settings.rules().numbers(),
                        List.of()));
    }

    /** The same of a saw that is here already. */
    @PostMapping("/api/saws/{tag}/past/preview")
    @Transactional(readOnly = true)
    PastAnswer previewOf(@PathVariable String tag, @RequestBody MorePastQuestion question) {
        Saw saw = fleet.sawInService(tag);
        return answer(
                PastLine.of(standings.of(saw).profile()),
                question.lines(),
                past.about(saw, standings.of(saw).numbers()));
    }

    private PastAnswer answer(List<PastLine> can, List<PastInput.PastLineInput> lines, PastReader.About about) {
        Violations wrong = new Violations();
        PastReader.Book book = reader.notebook(lines, about, wrong);
        return new PastAnswer(
                can.stream()
                        .map(line -> new PastLineView(line.step(), line.since(), line.figures()))
                        .toList(),
                book.lines().stream().map(line -> read(line, book)).toList(),
                wrong.faults().stream()
                        .map(fault -> new PastFault(fault.field(), fault.code(), sentences.of(fault)))
                        .toList());
    }

    private static PastRead read(PastReader.Read line, PastReader.Book book) {
        PastEntry entry = line.entry();
        return new PastRead(
                entry.step(), entry.day(), line.roughly(), book.since(entry), entry.since() == null, entry.figures());
    }

    @GetMapping("/api/saws/{tag}/past")
    @Transactional(readOnly = true)
    PastPage past(@PathVariable String tag) {
        Saw saw = fleet.sawInService(tag);
        List<ToldUse> used = uses.told(saw);
        return new PastPage(
                saw.tag(),
                saw.details().power(),
                past.until(saw),
                past.toldOf(saw).stream().map(record -> told(record, used)).toList(),
                use(used));
    }

    private static @Nullable PastUseView use(List<ToldUse> told) {
        return told.isEmpty()
                ? null
                : new PastUseView(
                        told.size(),
                        ToldUse.sum(told),
                        told.get(0).day(),
                        told.get(told.size() - 1).day());
    }

    /** Strikes all that was told of its use out. */
    @PostMapping("/api/saws/{tag}/past/use/strike")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void strikeUse(@PathVariable String tag, @RequestBody PastUseStrike given) {
        onceOnly.run(given.id(), new OfSaw(tag, given), () -> {
            Person officer = people.actingOfficer();
            uses.strike(
                    fleet.sawInService(tag), Violations.onlyText("reason", given.reason(), LONGEST_REASON), officer);
        });
    }

    private ToldLine told(WorkRecord record, List<ToldUse> used) {
        UseUnit unit = PastLine.of(record.step()).map(PastLine::since).orElse(null);
        Double since = record.told() == null ? null : record.told().since();
        if (since == null) {
            OptionalDouble byDays = ToldUse.since(used, LocalDate.ofInstant(record.at(), clock.getZone()), unit);
            since = byDays.isPresent() ? Double.valueOf(byDays.getAsDouble()) : null;
        }
        return new ToldLine(record.id(), record.step(), record.at(), since, unit, record.figures());
    }

    @PostMapping("/api/saws/{tag}/past")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void tell(@PathVariable String tag, @RequestBody MorePast given) {
        onceOnly.run(given.id(), new OfSaw(tag, given), () -> {
            Person officer = people.actingOfficer();
            past.tell(fleet.sawInService(tag), given.past(), officer);
        });
    }
}
