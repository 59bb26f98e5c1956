package yellowtally.server.log;

import jakarta.persistence.EntityManager;
import java.time.Instant;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.function.Function;
import java.util.function.Supplier;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.stereotype.Component;
import org.springframework.transaction.PlatformTransactionManager;
import org.springframework.transaction.support.TransactionTemplate;
import yellowtally.core.tension.TensionMethod;
import yellowtally.core.tension.TensionOutcome;
import yellowtally.core.tension.TipsPosition;
import yellowtally.core.waiting.FitState;
import yellowtally.server.fleet.Fleet;
import yellowtally.server.fleet.PartFinder;
import yellowtally.server.fleet.SawEvent;
import yellowtally.server.fleet.SetFitting;
import yellowtally.server.people.People;
import yellowtally.server.photos.Photos;
import yellowtally.server.support.StoreRefused;
import yellowtally.server.worklog.SawHold;
import yellowtally.server.worklog.WorkRecord;
import yellowtally.server.worklog.WorkVoid;

/** Reads the log: every record of the fleet or of one saw, latest first, a page at a time. */
@Component
class LogBook {

    private static final Logger LOG = LoggerFactory.getLogger(LogBook.class);

    private final TransactionTemplate reading;
    private final EntityManager records;
    private final Fleet fleet;
    private final People people;
    private final PartFinder parts;
    private final FaultLog faults;
    private final OutingLog outings;
    private final Photos photos;

    LogBook(
            EntityManager records,
            Fleet fleet,
            People people,
            PartFinder parts,
            FaultLog faults,
            OutingLog outings,
            Photos photos,
            PlatformTransactionManager transactions) {
        this.reading = new TransactionTemplate(transactions);
        this.reading.setReadOnly(true);
        this.records = records;
        this.fleet = fleet;
        this.people = people;
        this.parts = parts;
        this.faults = faults;
        this.outings = outings;
        this.photos = photos;
    }

    /** A page of what fits. */
    LogPage page(Set<LogKind> wanted, LogFilter filter) {
        Set<LogKind> kindsOf = filter.kinds(wanted);
        try {
            return page(reading(() -> lines(kindsOf, filter)), filter.window().lines(), 0);
        } catch (RuntimeException e) {
            if (!StoreRefused.notUnderstood(e)) {
                throw e;
            }
            return rowByRow(kindsOf, filter);
        }
    }

    /** Who is to be found, by what a person would write. */
    LogFilter filter(Function<Tags, LogFilter> asked) {
        return reading(() -> asked.apply(new Tags(fleet, parts)));
    }

    /** Ids of what is named by its tag; what is not there is refused. */
    record Tags(Fleet fleet, PartFinder parts) {

        @Nullable
        UUID saw(@Nullable String tag) {
            return tag == null || tag.isBlank() ? null : fleet.saw(tag).id();
        }

        @Nullable
        UUID part(@Nullable String tag) {
            return tag == null || tag.isBlank()
                    ? null
                    : parts.tagged(tag.strip()).id();
        }
    }

    /** Where a row cannot be understood all others are still told: each is read by itself. */
    private LogPage rowByRow(Set<LogKind> wanted, LogFilter filter) {
        LogNames names = reading(() -> new LogNames(people, fleet));
        List<LogEntry> found = new ArrayList<>();
        int notUnderstood = 0;
        for (LogKind kind : wanted) {
            boolean more = true;
            for (int row = 0; more && row <= filter.window().lines(); row++) {
                LogFilter only = filter.only(row);
                try {
                    List<? extends LogEntry> lines = reading(() -> lines(kind, only, names));
                    found.addAll(lines);
                    more = !lines.isEmpty();
                } catch (RuntimeException e) {
                    if (!StoreRefused.notUnderstood(e)) {
                        throw e;
                    }
                    LOG.error("A record in the log cannot be understood: {}", e.getMessage());
                    notUnderstood++;
                }
            }
        }
        return page(found, filter.window().lines(), notUnderstood);
    }

    private <T> T reading(Supplier<T> read) {
        return Objects.requireNonNull(reading.execute(status -> read.get()));
    }

    private static LogPage page(List<LogEntry> found, int most, int notUnderstood) {
        List<LogEntry> latestFirst = new ArrayList<>(found);
        latestFirst.sort(Comparator.comparing(LogEntry::at).reversed().thenComparing(LogEntry::kind));
        return LogPage.cut(latestFirst, most, notUnderstood);
    }

    private List<LogEntry> lines(Set<LogKind> kinds, LogFilter filter) {
        LogNames names = new LogNames(people, fleet);
        List<LogEntry> found = new ArrayList<>();
        LogFilter left = filter;
        // The most frequent kind first: what is older than a page of it is on no page, and is not read.
        for (LogKind kind : kinds) {
            found.addAll(lines(kind, left, names));
            left = LogPage.reach(found, filter.window().lines())
                    .map(filter::notBefore)
                    .orElse(filter);
        }
        return found;
    }

    private List<? extends LogEntry> lines(LogKind kind, LogFilter filter, LogNames names) {
        return switch (kind) {
            case STEP -> steps(filter, names);
            case OUT -> outings.out(filter, names);
            case BACK -> outings.back(filter, names);
            case FITTED -> fitted(filter, names);
            case HELD -> held(filter, names);
            case RELEASED -> released(filter, names);
            case VISIT_ENDED -> ended(filter, names);
            case SAW -> sawChanges(filter, names);
            case FAULT -> faults.lines(filter, names::tag, names::person);
        };
    }

    /** A step that was done, what struck it out, and how a tension check ended. */
    private record Done(
            WorkRecord record,
            @Nullable WorkVoid strike,
            @Nullable TensionOutcome tension) {}

    /** A hold that was lifted. */
    private record Release(
            UUID holdId,
            Instant at,
            UUID sawId,
            UUID personId,
            @Nullable String device) {}

    /** A visit that was ended. */
    private record EndOfVisit(
            UUID visitId,
            Instant at,
            UUID sawId,
            UUID personId,
            @Nullable String device,
            FitState decision,
            @Nullable String leftOpenReason,
            @Nullable Instant struckAt,
            @Nullable UUID struckBy,
            @Nullable String struckReason) {}

    private List<LogEntry.StepTaken> steps(LogFilter filter, LogNames names) {
        List<Done> rows = filter.rows(
                records,
                Done.class,
                "select r, v, t.outcome from WorkRecord r left join WorkVoid v on v.recordId = r.id"
                        + " left join TensionCheck t on t.id = r.id"
                        + filter.where("r.sawId", filter.struck() ? "v.personId" : "r.personId", "r.at")
                        + filter.wherePart("r.parts.chainId", "r.parts.barId", "r.parts.sprocketId")
                        + filter.whereStruck("v.recordId")
                        + " order by r.at desc, r.seq desc");
        Map<UUID, LogEntry.ReadingLine> readings = readings(rows);
        Map<UUID, String> tags = fleet.partTags(rows.stream()
                .map(row -> about(row.record()))
                .flatMap(Optional::stream)
                .collect(Collectors.toSet()));
        Map<UUID, List<UUID>> pictures =
                photos.ids(rows.stream().map(row -> row.record().id()).toList());
        return rows.stream()
                .map(row -> new LogEntry.StepTaken(
                        row.record().id(),
                        row.record().at(),
                        names.tag(row.record().sawId()),
                        names.person(row.record().personId()),
                        row.record().device(),
                        new LogEntry.StepLine(
                                row.record().step(),
                                row.record().outcome(),
                                row.record().findings(),
                                row.record().figures(),
                                row.record().visitId(),
                                row.tension(),
                                readings.get(row.record().id()),
                                about(row.record()).map(tags::get).orElse(null),
                                row.record().told() != null),
                        row.record().note(),
                        strike(row.strike(), names),
                        pictures.getOrDefault(row.record().id(), List.of())))
                .toList();
    }

    /** The part that a step was about, of those that were on the saw. */
    private static Optional<UUID> about(WorkRecord record) {
        WorkRecord.Parts parts = record.parts();
        return switch (record.step().subject()) {
            case CHAIN -> Optional.ofNullable(parts.chainId());
            case BAR -> Optional.ofNullable(parts.barId());
            case SPROCKET -> Optional.ofNullable(parts.sprocketId());
            case SAW -> Optional.empty();
        };
    }

    /** The reading that a check ended with, as it is asked for. */
    private record LastReading(
            UUID checkId,
            TensionMethod method,
            @Nullable Double figure,
            @Nullable TipsPosition tips) {}

    private Map<UUID, LogEntry.ReadingLine> readings(List<Done> rows) {
        List<UUID> checks = rows.stream()
                .filter(row -> row.tension() != null)
                .map(row -> row.record().id())
                .toList();
        Map<UUID, LogEntry.ReadingLine> found = new HashMap<>();
        if (!checks.isEmpty()) {
            records.createQuery(
                            "select r.place.checkId, r.method, r.figure, r.tips from TensionReadingRow r"
                                    + " where r.place.checkId in :checks and r.place.seq = (select max(l.place.seq)"
                                    + " from TensionReadingRow l where l.place.checkId = r.place.checkId)",
                            LastReading.class)
                    .setParameter("checks", checks)
                    .getResultList()
                    .forEach(last -> found.put(
                            last.checkId(), new LogEntry.ReadingLine(last.method(), last.figure(), last.tips())));
        }
        return found;
    }

    private static LogEntry.@Nullable StrikeLine strike(@Nullable WorkVoid strike, LogNames names) {
        return strike == null
                ? null
                : new LogEntry.StrikeLine(strike.reason(), names.person(strike.personId()), strike.at());
    }

    private List<LogEntry.SetFitted> fitted(LogFilter filter, LogNames names) {
        List<SetFitting> rows = filter.rows(
                records,
                SetFitting.class,
                "select f from SetFitting f" + filter.where("f.sawId", "f.personId", "f.at")
                        + filter.wherePart("f.chainId", "f.barId", "f.sprocketId")
                        + " order by f.at desc, f.id");
        Map<UUID, String> tags = fleet.partTags(rows);
        return rows.stream()
                .map(f -> new LogEntry.SetFitted(
                        f.id(),
                        f.at(),
                        names.tag(f.sawId()),
                        names.person(f.personId()),
                        f.device(),
                        new LogEntry.SetLine(
                                tags.get(f.chainId()), tags.get(f.barId()), tags.get(f.sprocketId()), f.newChain()),
                        f.note()))
                .toList();
    }

    private List<LogEntry.SawChanged> sawChanges(LogFilter filter, LogNames names) {
        return filter
                .rows(
                        records,
                        SawEvent.class,
                        "select e from SawEvent e" + filter.where("e.sawId", "e.personId", "e.at")
                                + " order by e.at desc, e.id")
                .stream()
                .map(e -> new LogEntry.SawChanged(
                        e.id(),
                        e.at(),
                        names.tag(e.sawId()),
                        names.person(e.personId()),
                        e.device(),
                        e.kind(),
                        e.tagBefore(),
                        e.reason()))
                .toList();
    }

    /** Holds that a person set; those of a failed step are told by the step. */
    private List<LogEntry.HeldByPerson> held(LogFilter filter, LogNames names) {
        return filter
                .rows(
                        records,
                        SawHold.class,
                        "select h from SawHold h" + filter.where("h.sawId", "h.personId", "h.at")
                                + " and h.recordId is null order by h.at desc, h.id")
                .stream()
                .map(h -> new LogEntry.HeldByPerson(
                        h.id(), h.at(), names.tag(h.sawId()), names.person(h.personId()), h.device(), h.note()))
                .toList();
    }

    private List<LogEntry.Released> released(LogFilter filter, LogNames names) {
        List<Release> rows = filter.rows(
                records,
                Release.class,
                "select r.id, r.at, h.sawId, r.personId, r.device from HoldRelease r join SawHold h on h.id = r.holdId"
                        + filter.where("h.sawId", "r.personId", "r.at")
                        + " order by r.at desc, r.id");
        Map<String, LogEntry.Released> once = new HashMap<>();
        // Several holds are released by one word.
        rows.stream()
                .map(row -> new LogEntry.Released(
                        row.holdId(), row.at(), names.tag(row.sawId()), names.person(row.personId()), row.device()))
                .forEach(entry -> once.putIfAbsent(entry.tag() + entry.at(), entry));
        return List.copyOf(once.values());
    }

    private List<LogEntry.VisitEnded> ended(LogFilter filter, LogNames names) {
        return filter
                .rows(
                        records,
                        EndOfVisit.class,
                        "select v.id, v.endedAt, v.sawId, v.endedBy, v.endedDevice, v.decision, v.leftOpenReason, v.struckAt,"
                                + " v.struckBy, v.struckReason from Visit v"
                                + filter.where("v.sawId", filter.struck() ? "v.struckBy" : "v.endedBy", "v.endedAt")
                                + filter.whereStruck("v.struckAt")
                                + " and v.endedAt is not null order by v.endedAt desc, v.id")
                .stream()
                .map(row -> new LogEntry.VisitEnded(
                        row.visitId(),
                        row.at(),
                        names.tag(row.sawId()),
                        names.person(row.personId()),
                        row.device(),
                        row.decision(),
                        row.leftOpenReason(),
                        row.struckAt() == null
                                ? null
                                : new LogEntry.StrikeLine(
                                        Objects.requireNonNull(row.struckReason()),
                                        names.person(row.struckBy()),
                                        row.struckAt())))
                .toList();
    }
}
