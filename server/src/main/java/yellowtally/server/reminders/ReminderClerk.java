package yellowtally.server.reminders;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.time.Clock;
import java.time.Instant;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.scheduling.annotation.Scheduled;
import org.springframework.stereotype.Component;
import org.springframework.transaction.PlatformTransactionManager;
import org.springframework.transaction.support.TransactionTemplate;
import yellowtally.core.reminders.Reminder;
import yellowtally.server.signin.FleetName;
import yellowtally.server.support.FleetRevision;

/** Looks every minute whether there is something that officers have not been told, and tells it once. */
@Component
class ReminderClerk {

    private static final Logger LOG = LoggerFactory.getLogger(ReminderClerk.class);

    private static final String EVERY = "${yellowtally.look-every:PT1M}";

    private final Pressing pressing;
    private final ReminderTold.Told told;
    private final ReminderWords words;
    private final Outbox outbox;
    private final FleetName fleet;
    private final FleetRevision revision;
    private final TransactionTemplate transaction;
    private final Clock clock;
    private @Nullable Looked last;

    ReminderClerk(
            Pressing pressing,
            ReminderTold.Told told,
            ReminderWords words,
            Outbox outbox,
            FleetName fleet,
            FleetRevision revision,
            PlatformTransactionManager transactions,
            Clock clock) {
        this.pressing = pressing;
        this.told = told;
        this.words = words;
        this.outbox = outbox;
        this.fleet = fleet;
        this.revision = revision;
        this.transaction = new TransactionTemplate(transactions);
        this.clock = clock;
    }

    /** What was looked at last: nothing else can be new. */
    private record Looked(long revision, LocalDate day) {}

    /** Whatever goes wrong is tried again at the next look. */
    @Scheduled(initialDelayString = EVERY, fixedDelayString = EVERY)
    void look() {
        Looked now = new Looked(revision.now(), LocalDate.now(clock));
        if (now.equals(last) || fleet.now().isEmpty()) {
            return;
        }
        try {
            tell();
            last = now;
        } catch (RuntimeException e) {
            LOG.warn("Nobody could be reminded: {}", e.getMessage());
        }
    }

    /** Tells what is new; the mail is in the outbox before it counts as told. */
    void tell() {
        Pressing.Now now = pressing.aside();
        transaction.executeWithoutResult(status -> {
            Instant at = clock.instant();
            List<Reminder> fresh = new ArrayList<>(now.reminders());
            for (ReminderTold before : told.findByOverAtNull()) {
                if (!fresh.remove(before.said())) {
                    before.over(at);
                }
            }
            if (!fresh.isEmpty()) {
                mail(fresh, now, at);
                fresh.forEach(reminder -> told.save(new ReminderTold(reminder, at)));
            }
        });
    }

    private void mail(List<Reminder> fresh, Pressing.Now now, Instant at) {
        String first = words.of(fresh.get(0), now);
        String subject = fresh.size() == 1 ? first : first + " And " + (fresh.size() - 1) + " more";
        String text = fresh.stream().map(reminder -> words.of(reminder, now)).collect(Collectors.joining("\n\n"));
        try {
            outbox.put(fleet.now(), subject, text, at);
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }
}
