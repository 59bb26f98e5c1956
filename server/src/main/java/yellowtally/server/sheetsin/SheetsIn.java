package yellowtally.server.sheetsin;

import jakarta.annotation.PreDestroy;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.Path;
import java.time.Clock;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.EnumMap;
import java.util.Iterator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.UUID;
import java.util.concurrent.Semaphore;
import org.jspecify.annotations.Nullable;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.security.core.context.SecurityContext;
import org.springframework.security.core.context.SecurityContextHolder;
import org.springframework.stereotype.Service;
import org.springframework.transaction.PlatformTransactionManager;
import org.springframework.transaction.support.TransactionTemplate;
import yellowtally.server.people.People;
import yellowtally.server.people.Person;
import yellowtally.server.sheetsin.Outcomes.LineState;
import yellowtally.server.sheetsin.SheetRun.RunState;
import yellowtally.server.support.FleetRevision;
import yellowtally.server.support.LongWork;
import yellowtally.server.support.OnceOnly;
import yellowtally.server.support.Refusal;
import yellowtally.server.support.ScratchFolder;
import yellowtally.server.support.Sentences;

/**
 * The files that were brought, and what is done with them. To try a sheet is to judge all of it, or to bring it in and take it back:
 * whatever can be wrong with it shows. One sheet at a time.
 */
@Service
class SheetsIn {

    private static final Logger LOG = LoggerFactory.getLogger(SheetsIn.class);

    /** Files that nobody goes on with are let go of when others come. */
    private static final int MOST_FILES = 5;

    private final Map<SheetKind, Bringer> bringers = new EnumMap<>(SheetKind.class);
    private final Map<UUID, InHand> inHand = new LinkedHashMap<>();
    private final Semaphore one = new Semaphore(1);
    private final KnownColumns known = KnownColumns.shipped();
    private final ScratchFolder scratch;
    private final TransactionTemplate reading;
    private final OnceOnly onceOnly;
    private final People people;
    private final FleetRevision revision;
    private final LongWork work;
    private final Sentences sentences;
    private final Clock clock;

    SheetsIn(
            List<Bringer> bringers,
            @Value("${yellowtally.data}") Path data,
            PlatformTransactionManager transactions,
            OnceOnly onceOnly,
            People people,
            FleetRevision revision,
            LongWork work,
            Sentences sentences,
            Clock clock)
            throws IOException {
        bringers.forEach(bringer -> this.bringers.put(bringer.kind(), bringer));
        this.scratch = new ScratchFolder(data.resolve("sheets"));
        this.reading = new TransactionTemplate(transactions);
        this.reading.setReadOnly(true);
        this.onceOnly = onceOnly;
        this.people = people;
        this.revision = revision;
        this.work = work;
        this.sentences = sentences;
        this.clock = clock;
    }

    /** A file that was read, and what was done last with a sheet of it. */
    static final class InHand {
        private final UUID id;
        private final String name;
        private final List<FoundSheet> sheets;
        private volatile @Nullable SheetRun run;

        private InHand(UUID id, String name, List<FoundSheet> sheets) {
            this.id = id;
            this.name = name;
            this.sheets = sheets;
        }

        UUID id() {
            return id;
        }

        String name() {
            return name;
        }

        List<FoundSheet> sheets() {
            return sheets;
        }

        FoundSheet sheet(int number) {
            if (number < 0 || number >= sheets.size()) {
                throw Refusal.gone("sheetsIn.noSheet");
            }
            return sheets.get(number);
        }

        SheetRun run() {
            SheetRun last = run;
            if (last == null) {
                throw Refusal.gone("sheetsIn.noRun");
            }
            return last;
        }

        /** Whether it was begun before: the answer to it was lost, and it was sent again. */
        private boolean ran(UUID writeId) {
            SheetRun last = run;
            return last != null && last.id().equals(writeId);
        }

        private boolean underWay() {
            SheetRun last = run;
            return last != null && last.state() == RunState.UNDER_WAY;
        }

        private void close() {
            try {
                for (FoundSheet sheet : sheets) {
                    sheet.rows().close();
                }
                SheetRun last = run;
                if (last != null) {
                    last.close();
                }
            } catch (IOException e) {
                LOG.warn("A sheet that nobody needs any more could not be put away: {}", e.getMessage());
            }
        }
    }

    KnownColumns known() {
        return known;
    }

    /** Reads a file; the same again under an id that was brought before. */
    InHand take(UUID id, String name, Path file) throws IOException {
        synchronized (inHand) {
            if (inHand.containsKey(id)) {
                return inHand.get(id);
            }
        }
        InHand fresh = new InHand(id, name, SheetFile.read(file, name, this::rows));
        synchronized (inHand) {
            inHand.put(id, fresh);
            Iterator<InHand> oldest = inHand.values().iterator();
            while (inHand.size() > MOST_FILES && oldest.hasNext()) {
                InHand old = oldest.next();
                if (!old.underWay() && old != fresh) {
                    oldest.remove();
                    old.close();
                }
            }
        }
        return fresh;
    }

    private RowFile rows() throws IOException {
        return new RowFile(scratch.file());
    }

    InHand find(UUID id) {
        synchronized (inHand) {
            InHand found = inHand.get(id);
            if (found == null) {
                throw Refusal.gone("sheetsIn.gone");
            }
            return found;
        }
    }

    /** Begins to try a sheet, or to bring it in. */
    void begin(UUID writeId, UUID fileId, SheetRun.Asked asked) throws IOException {
        InHand file = find(fileId);
        if (file.ran(writeId)) {
            return;
        }
        FoundSheet sheet = file.sheet(asked.sheet());
        asked.matching().refuseUnfit(sheet.rows(), known);
        Person by = people.actingOfficer();
        SecurityContext signedIn = SecurityContextHolder.getContext();
        if (!one.tryAcquire()) {
            throw Refusal.later("sheetsIn.busy");
        }
        boolean begun = false;
        try {
            SheetRun before = file.run;
            SheetRun run = new SheetRun(writeId, asked, sheet, sentences, this::rows);
            file.run = run;
            if (before != null) {
                before.close();
            }
            work.begin("sheet", between -> {
                try {
                    SecurityContextHolder.setContext(signedIn);
                    go(run, fileId, by, between);
                } finally {
                    SecurityContextHolder.clearContext();
                    one.release();
                }
            });
            begun = true;
        } finally {
            if (!begun) {
                one.release();
            }
        }
    }

    /** All that was stored is taken back by this. */
    private static final class TakenBack extends RuntimeException {
        private static final long serialVersionUID = 1;
    }

    private record OfFile(UUID fileId, SheetRun.Asked asked) {}

    private void go(SheetRun run, UUID fileId, Person by, Runnable between) {
        try {
            if (!judged(run, by, between)) {
                throw new TakenBack();
            }
            onceOnly.run(run.id(), new OfFile(fileId, run.asked()), () -> bring(run, by, between));
            run.ends(RunState.BROUGHT_IN, null);
        } catch (TakenBack e) {
            run.ends(run.outcomes().count(LineState.WRONG) > 0 ? RunState.WRONG : RunState.TRIED, null);
        } catch (SheetRun.Stopped | LongWork.Ended e) {
            run.ends(RunState.STOPPED, null);
        } catch (Refusal refused) {
            run.ends(RunState.FAILED, sentences.of(refused.faults().get(0)));
        } catch (RuntimeException e) {
            LOG.error("A sheet could not be brought in", e);
            run.ends(RunState.FAILED, sentences.of(Refusal.Fault.of("", "sheetsIn.failed")));
        }
    }

    /** Judges what can be judged by itself, and answers whether it is to be brought in. */
    private boolean judged(SheetRun run, Person by, Runnable between) {
        if (bringer(run) instanceof JudgesFirst judge) {
            reading.executeWithoutResult(status -> {
                try {
                    run.begins(between);
                    judge.judge(run.lines(), told(run, by), run);
                } catch (IOException e) {
                    throw new UncheckedIOException(e);
                }
            });
            return run.asked().forReal() && run.outcomes().count(LineState.WRONG) == 0;
        }
        return true;
    }

    private void bring(SheetRun run, Person by, Runnable between) {
        Bringer bringer = bringer(run);
        boolean judged = bringer instanceof JudgesFirst;
        try {
            if (!judged) {
                run.begins(between);
            }
            if (!run.asked().matching().kind().touchesSaws()) {
                revision.touchesNone();
            }
            bringer.bring(run.lines(), told(run, by), judged ? run.again() : run);
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
        if (!run.asked().forReal() || run.outcomes().count(LineState.WRONG) > 0) {
            // Whatever was looked at within is looked at anew by everybody else: nothing of it was kept.
            revision.touchesNone();
            throw new TakenBack();
        }
    }

    private Bringer bringer(SheetRun run) {
        return Objects.requireNonNull(bringers.get(run.asked().matching().kind()));
    }

    private Bringer.Told told(SheetRun run, Person by) {
        return new Bringer.Told(by, LocalDate.now(clock), run.asked().matching().order());
    }

    void stop(UUID fileId) {
        find(fileId).run().stop();
    }

    @PreDestroy
    void letGo() {
        List<InHand> all;
        synchronized (inHand) {
            all = new ArrayList<>(inHand.values());
            inHand.clear();
        }
        all.forEach(InHand::close);
    }
}
