package yellowtally.server.planning;

import java.time.LocalDate;
import java.util.List;
import java.util.UUID;
import org.springframework.data.jpa.repository.Query;
import org.springframework.data.repository.ListCrudRepository;

/** The repositories of the planning room. */
final class PlanRepositories {

    private PlanRepositories() {}

    interface Bookings extends ListCrudRepository<CrewBooking, UUID> {

        /** What stands and is not over on a day. */
        List<CrewBooking> findByEndedAtNullAndUntilOnGreaterThanEqualOrderByLeavesOnAscLeavesAtAsc(LocalDate day);
    }

    interface Minutes extends ListCrudRepository<BenchMinutes, UUID> {

        /** What was said of days from one on, and of days of the week; what was said last comes last. */
        @Query("select m from BenchMinutes m where m.weekday is not null or m.dayOn >= :day order by m.at")
        List<BenchMinutes> since(LocalDate day);
    }

    interface Wishes extends ListCrudRepository<PlanWish, UUID> {
        List<PlanWish> findByEndedAtNullOrderByAt();

        List<PlanWish> findBySawIdAndEndedAtNull(UUID sawId);
    }
}
