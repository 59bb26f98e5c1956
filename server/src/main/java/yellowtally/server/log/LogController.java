package yellowtally.server.log;

import jakarta.persistence.EntityManager;
import jakarta.persistence.TypedQuery;
import java.time.Instant;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.EnumSet;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Set;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.transaction.annotation.Transactional;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;
import yellowtally.core.tension.TensionOutcome;
import yellowtally.core.waiting.FitState;
import yellowtally.server.fleet.Fleet;
import yellowtally.server.fleet.SawEvent;
import yellowtally.server.fleet.SetFitting;
import yellowtally.server.people.People;
import yellowtally.server.worklog.SawHold;
import yellowtally.server.worklog.WorkRecord;
import yellowtally.server.worklog.WorkVoid;
import yellowtally.server.worklog.Worklog;

/** The log: every record of the fleet or of one saw, latest first, a page at a time. */
@RestController
class LogController {

    private final EntityManager records;
    private final Fleet fleet;
    private final People people;
    private final Worklog worklog;
    private final FaultLog faults;
    private final OutingLog outings;

    LogController(
            EntityManager records, Fleet fleet, People people, Worklog worklog, FaultLog faults, OutingLog outings) {
        this.records = records;
        this.fleet = fleet;
        this.people = people;
        this.worklog = worklog;
        this.faults = faults;
        this.outings = outings;
    }

    @GetMapping("/api/log")
    @Transactional(readOnly = true)
    LogPage log(
            @RequestParam(required = false) @Nullable String saw,
            @RequestParam(required = false) @Nullable UUID person,
            @RequestParam(required = false) @Nullable Set<LogKind> kinds,
            @RequestParam(required = false) @Nullable Instant from,
            @RequestParam(required = false) @Nullable Instant before) {
        LogFilter filter = new LogFilter(
                saw == null || saw.isBlank() ? null : fleet.saw(saw).id(), person, from, before);
        Set<LogKind> wanted = kinds == null || kinds.isEmpty() ? EnumSet.allOf(LogKind.class) : kinds;
        LogNames names = new LogNames(people, fleet);
        List<LogEntry> found = new ArrayList<>();
        for (LogKind kind : wanted) {
            if (kind == null) {
                // Between two commas there is none.
                continue;
            }
            found.addAll(
                    switch (kind) {
                        case STEP -> steps(filter, names);
                        case OUT -> outings.out(filter, names);
                        case BACK -> outings.back(filter, names);
                        case FITTED -> fitted(filter, names);
                        case HELD -> held(filter, names);
                        case RELEASED -> released(filter, names);
                        case VISIT_ENDED -> ended(filter, names);
                        case SAW -> sawChanges(filter, names);
                        case FAULT -> faults.lines(filter, names::tag, names::person);
                    });
        }
        found.sort(Comparator.comparing(LogEntry::at).reversed().thenComparing(LogEntry::kind));
        return LogPage.cut(found, LogPage.MOST);
    }

    /** How a tension check ended. */
    private record Read(UUID id, TensionOutcome outcome) {}

    /** A hold that was lifted. */
    private record Release(UUID holdId, Instant at, UUID sawId, UUID personId) {}

    /** A visit that was ended. */
    private record EndOfVisit(
            UUID visitId,
            Instant at,
            UUID sawId,
            UUID personId,
            FitState decision,
            @Nullable String leftOpenReason,
            @Nullable Instant struckAt,
            @Nullable UUID struckBy,
            @Nullable String struckReason) {}

    private <T> List<T> rows(Class<T> type, String query, LogFilter filter) {
        TypedQuery<T> typed = records.createQuery(query, type).setMaxResults(LogPage.MOST + 1);
        filter.values().forEach(typed::setParameter);
        return typed.getResultList();
    }

    private List<LogEntry.StepTaken> steps(LogFilter filter, LogNames names) {
        List<WorkRecord> rows = rows(
                WorkRecord.class,
                "select r from WorkRecord r" + filter.where("r.sawId", "r.personId", "r.at")
                        + " order by r.at desc, r.seq desc",
                filter);
        Map<UUID, LogEntry.StrikeLine> struck = new HashMap<>();
        List<UUID> ids = rows.stream().map(WorkRecord::id).toList();
        for (WorkVoid strike : worklog.struckOf(ids)) {
            struck.put(
                    strike.recordId(),
                    new LogEntry.StrikeLine(strike.reason(), names.person(strike.personId()), strike.at()));
        }
        Map<UUID, TensionOutcome> tension = tension(ids);
        return rows.stream()
                .map(r -> new LogEntry.StepTaken(
                        r.id(),
                        r.at(),
                        names.tag(r.sawId()),
                        names.person(r.personId()),
                        new LogEntry.StepLine(
                                r.step(), r.outcome(), r.findings(), r.figures(), r.visitId(), tension.get(r.id())),
                        r.note(),
                        struck.get(r.id())))
                .toList();
    }

    private Map<UUID, TensionOutcome> tension(List<UUID> ids) {
        Map<UUID, TensionOutcome> outcomes = new HashMap<>();
        if (!ids.isEmpty()) {
            records.createQuery("select t.id, t.outcome from TensionCheck t where t.id in :ids", Read.class)
                    .setParameter("ids", ids)
                    .getResultList()
                    .forEach(check -> outcomes.put(check.id(), check.outcome()));
        }
        return outcomes;
    }

    private List<LogEntry.SetFitted> fitted(LogFilter filter, LogNames names) {
        List<SetFitting> rows = rows(
                SetFitting.class,
                "select f from SetFitting f" + filter.where("f.sawId", "f.personId", "f.at") + " order by f.at desc",
                filter);
        Map<UUID, String> tags = fleet.partTags(rows);
        return rows.stream()
                .map(f -> new LogEntry.SetFitted(
                        f.id(),
                        f.at(),
                        names.tag(f.sawId()),
                        names.person(f.personId()),
                        new LogEntry.SetLine(
                                tags.get(f.chainId()), tags.get(f.barId()), tags.get(f.sprocketId()), f.newChain()),
                        f.note()))
                .toList();
    }

    private List<LogEntry.SawChanged> sawChanges(LogFilter filter, LogNames names) {
        return rows(
                        SawEvent.class,
                        "select e from SawEvent e" + filter.where("e.sawId", "e.personId", "e.at")
                                + " order by e.at desc",
                        filter)
                .stream()
                .map(e -> new LogEntry.SawChanged(
                        e.id(),
                        e.at(),
                        names.tag(e.sawId()),
                        names.person(e.personId()),
                        e.kind(),
                        e.tagBefore(),
                        e.reason()))
                .toList();
    }

    /** Holds that a person set; those of a failed step are told by the step. */
    private List<LogEntry.HeldByPerson> held(LogFilter filter, LogNames names) {
        return rows(
                        SawHold.class,
                        "select h from SawHold h" + filter.where("h.sawId", "h.personId", "h.at")
                                + " and h.recordId is null order by h.at desc",
                        filter)
                .stream()
                .map(h -> new LogEntry.HeldByPerson(
                        h.id(), h.at(), names.tag(h.sawId()), names.person(h.personId()), h.note()))
                .toList();
    }

    private List<LogEntry.Released> released(LogFilter filter, LogNames names) {
        List<Release> rows = rows(
                Release.class,
                "select r.id, r.at, h.sawId, r.personId from HoldRelease r join SawHold h on h.id = r.holdId"
                        + filter.where("h.sawId", "r.personId", "r.at")
                        + " order by r.at desc",
                filter);
        Map<String, LogEntry.Released> once = new HashMap<>();
        // Several holds are released by one word.
        rows.stream()
                .map(row -> new LogEntry.Released(
                        row.holdId(), row.at(), names.tag(row.sawId()), names.person(row.personId())))
                .forEach(entry -> once.putIfAbsent(entry.tag() + entry.at(), entry));
        return List.copyOf(once.values());
    }

    private List<LogEntry.VisitEnded> ended(LogFilter filter, LogNames names) {
        return rows(
                        EndOfVisit.class,
                        "select v.id, v.endedAt, v.sawId, v.endedBy, v.decision, v.leftOpenReason, v.struckAt,"
                                + " v.struckBy, v.struckReason from Visit v"
                                + filter.where("v.sawId", "v.endedBy", "v.endedAt")
                                + " and v.endedAt is not null order by v.endedAt desc",
                        filter)
                .stream()
                .map(row -> new LogEntry.VisitEnded(
                        row.visitId(),
                        row.at(),
                        names.tag(row.sawId()),
                        names.person(row.personId()),
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
