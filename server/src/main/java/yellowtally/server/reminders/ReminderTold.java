package yellowtally.server.reminders;

import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.Id;
import java.time.Instant;
import java.time.LocalDate;
import java.util.Arrays;
import java.util.List;
import java.util.UUID;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import org.springframework.data.repository.ListCrudRepository;
import yellowtally.core.reminders.Reminder;
import yellowtally.core.reminders.ReminderKind;
import yellowtally.core.schedule.Task;

/** Something that officers have been told; while it is so, it is not told again. */
@Entity
class ReminderTold {

    private static final String BETWEEN = ",";

    @Id
    private UUID id = UUID.randomUUID();

    @Enumerated(EnumType.STRING)
    private ReminderKind kind;

    private String about;

    @Column
    private @Nullable LocalDate onDay;

    @Column
    private @Nullable String what;

    private int missing;

    @Column
    private @Nullable String tasks;

    private Instant toldAt;

    @Column
    private @Nullable Instant overAt;

    protected ReminderTold() {}

    ReminderTold(Reminder said, Instant at) {
        this.kind = said.kind();
        this.about = said.about();
        this.onDay = said.day();
        this.what = said.what();
        this.missing = said.missing();
        this.tasks = said.tasks().isEmpty()
                ? null
                : said.tasks().stream().map(Task::name).collect(Collectors.joining(BETWEEN));
        this.toldAt = at;
    }

    Reminder said() {
        List<Task> named = tasks == null
                ? List.of()
                : Arrays.stream(tasks.split(BETWEEN)).map(Task::valueOf).toList();
        return new Reminder(kind, about, onDay, what, missing, named);
    }

    Instant toldAt() {
        return toldAt;
    }

    @Nullable
    Instant overAt() {
        return overAt;
    }

    /** It is no longer so. */
    void over(Instant at) {
        this.overAt = at;
    }

    interface Told extends ListCrudRepository<ReminderTold, UUID> {
        /** What still is so as far as officers have been told. */
        List<ReminderTold> findByOverAtNull();
    }
}
