package yellowtally.server.intake;

import jakarta.persistence.EntityManager;
import java.time.Clock;
import java.time.LocalDate;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Collectors;
import org.springframework.stereotype.Service;
import yellowtally.core.past.ToldUse;
import yellowtally.server.fleet.Saw;
import yellowtally.server.people.Person;
import yellowtally.server.support.FleetRevision;
import yellowtally.server.support.Refusal;
import yellowtally.server.support.Violations;

/** What saws used before they were brought in: told once for a day, and struck out as a whole. Runs within the caller's transaction. */
@Service
public class PastUses {

    /** So many are stored at once. */
    private static final int AT_ONCE = 500;

    private final EntityManager records;
    private final Past past;
    private final FleetRevision revision;
    private final Clock clock;

    PastUses(EntityManager records, Past past, FleetRevision revision, Clock clock) {
        this.records = records;
        this.past = past;
        this.revision = revision;
        this.clock = clock;
    }

    /** The book of one saw while lines of it are read: what was told before, and what was read by now. */
    public static final class Book {
        private final Saw saw;
        private final LocalDate until;
        private final Set<LocalDate> before;
        private final Set<LocalDate> seen = new HashSet<>();

        private Book(Saw saw, LocalDate until, Set<LocalDate> before) {
            this.saw = saw;
            this.until = until;
            this.before = before;
        }

        public Saw saw() {
            return saw;
        }

        /** Reads a day; what cannot be is said in {@code wrong}, at {@code day} or {@code tanks}. */
        public void refuse(LocalDate day, double tanks, Violations wrong) {
            LocalDate from = saw.details().inService();
            if (day.isAfter(until)) {
                wrong.add("day", "past.here", PastReader.told(until));
            } else if (day.isBefore(from)) {
                wrong.add("day", "past.beforeService", PastReader.told(from));
            } else if (before.contains(day)) {
                wrong.add("day", "pastUse.told");
            } else if (!seen.add(day)) {
                wrong.add("day", "pastUse.twice");
            }
            if (!ToldUse.possible(tanks)) {
                wrong.add("tanks", "number.range", 0.0, ToldUse.MOST);
            }
        }
    }

    /** Begins the book of a saw. */
    public Book book(Saw saw) {
        return new Book(
                saw,
                past.until(saw),
                of(saw.id()).stream().map(use -> use.told().day()).collect(Collectors.toSet()));
    }

    /** A day of a saw's use, as it was told. */
    public record Day(UUID sawId, ToldUse use) {}

    /** Stores them. */
    public void write(List<Day> days, Person person) {
        int stored = 0;
        for (Day day : days) {
            records.persist(new PastUse(day.sawId(), day.use(), clock.instant(), person.id()));
            if (++stored % AT_ONCE == 0) {
                records.flush();
                records.clear();
            }
        }
        days.stream().map(Day::sawId).distinct().forEach(revision::touches);
    }

    private List<PastUse> of(UUID sawId) {
        return records.createQuery(
                        "select u from PastUse u where u.sawId = :saw and u.struckAt is null order by u.usedOn",
                        PastUse.class)
                .setParameter("saw", sawId)
                .getResultList();
    }

    /** What was told of a saw and stands, earliest first. */
    List<ToldUse> told(Saw saw) {
        return of(saw.id()).stream().map(PastUse::told).toList();
    }

    /** Strikes all that was told of a saw's use out; it can be told again. */
    void strike(Saw saw, String reason, Person person) {
        List<PastUse> all = of(saw.id());
        if (all.isEmpty()) {
            throw Refusal.conflict("", "pastUse.none", saw.tag());
        }
        all.forEach(use -> use.strike(clock.instant(), person.id(), reason));
        revision.touches(saw.id());
    }
}
