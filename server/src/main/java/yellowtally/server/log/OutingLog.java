package yellowtally.server.log;

import jakarta.persistence.EntityManager;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;
import yellowtally.server.usage.Outing;
import yellowtally.server.usage.Use;

/** Lines of the log about going out and coming back, with what was put right in them. */
@Component
class OutingLog {

    private final EntityManager records;

    OutingLog(EntityManager records) {
        this.records = records;
    }

    List<LogEntry.WentOut> out(LogFilter filter, LogNames names) {
        List<Outing> rows = filter.rows(
                records,
                Outing.class,
                "select o from Outing o"
                        + filter.where("o.sawId", filter.struck() ? "o.struckBy" : "o.outPersonId", "o.outAt")
                        + filter.whereStruck("o.struckAt")
                        + " order by o.outAt desc, o.id");
        Map<UUID, Outing> corrected = corrected(rows);
        return rows.stream()
                .map(o -> new LogEntry.WentOut(
                        o.id(),
                        o.outAt(),
                        names.tag(o.sawId()),
                        names.person(o.outPersonId()),
                        o.device(),
                        names.crew(o.crewId()),
                        o.outReason(),
                        strike(o, names),
                        strike(corrected.get(o.amendsId()), names)))
                .toList();
    }

    List<LogEntry.CameBack> back(LogFilter filter, LogNames names) {
        List<Outing> rows = filter.rows(
                records,
                Outing.class,
                "select o from Outing o"
                        + filter.where("o.sawId", filter.struck() ? "o.struckBy" : "o.backPersonId", "o.backAt")
                        + filter.whereStruck("o.struckAt")
                        + " and o.backAt is not null order by o.backAt desc, o.id");
        Map<UUID, Outing> corrected = corrected(rows);
        return rows.stream()
                .map(o -> new LogEntry.CameBack(
                        o.id(),
                        Objects.requireNonNull(o.backAt()),
                        names.tag(o.sawId()),
                        names.person(o.backPersonId()),
                        o.backDevice(),
                        names.crew(o.crewId()),
                        did(o, names),
                        o.backReason(),
                        strike(o, names),
                        strike(corrected.get(o.amendsId()), names)))
                .toList();
    }

    /** The struck entries that these take the place of, by id. */
    private Map<UUID, Outing> corrected(List<Outing> rows) {
        Map<UUID, Outing> found = new HashMap<>();
        List<UUID> ids =
                rows.stream().map(Outing::amendsId).filter(Objects::nonNull).toList();
        if (!ids.isEmpty()) {
            records.createQuery("select o from Outing o where o.id in :ids", Outing.class)
                    .setParameter("ids", ids)
                    .getResultList()
                    .forEach(outing -> found.put(outing.id(), outing));
        }
        return found;
    }

    private static LogEntry.@Nullable StrikeLine strike(@Nullable Outing outing, LogNames names) {
        if (outing == null || outing.struckAt() == null) {
            return null;
        }
        return new LogEntry.StrikeLine(
                Objects.requireNonNull(outing.struckReason()), names.person(outing.struckBy()), outing.struckAt());
    }

    private static LogEntry.@Nullable BackLine did(Outing outing, LogNames names) {
        Use use = outing.use();
        return use == null ? null : new LogEntry.BackLine(use, names.power(outing.sawId()));
    }
}
