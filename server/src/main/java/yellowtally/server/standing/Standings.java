package yellowtally.server.standing;

import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Collection;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.concurrent.CompletableFuture;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.TimeUnit;
import java.util.concurrent.atomic.AtomicReference;
import java.util.function.Function;
import org.jspecify.annotations.Nullable;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.boot.context.event.ApplicationReadyEvent;
import org.springframework.context.SmartLifecycle;
import org.springframework.context.event.EventListener;
import org.springframework.stereotype.Service;
import org.springframework.transaction.PlatformTransactionManager;
import org.springframework.transaction.support.TransactionTemplate;
import yellowtally.core.fitness.SawAccount;
import yellowtally.core.fitness.SawLedger;
import yellowtally.core.fitness.SawWear;
import yellowtally.core.fitness.Sisters;
import yellowtally.core.oiling.ProvenOil;
import yellowtally.core.settings.Numbers;
import yellowtally.core.steps.SawProfile;
import yellowtally.core.visit.VisitPlan;
import yellowtally.server.fleet.Part;
import yellowtally.server.fleet.Saw;
import yellowtally.server.fleet.TagOrder;
import yellowtally.server.knowledge.Knowledge;
import yellowtally.server.settings.FleetSettings;
import yellowtally.server.settings.HouseRules;
import yellowtally.server.settings.SettingsInForce;
import yellowtally.server.support.FleetRevision;
import yellowtally.server.support.Refusal;
import yellowtally.server.support.Sentences;
import yellowtally.server.support.StoreRefused;
import yellowtally.server.support.Writing;
import yellowtally.server.usage.MayGoOut;

/**
 * Where each saw stands, worked out from its records: nothing is stored that could disagree with them. What was worked out is
 * kept while nothing is written that touches it: a write reads the records of its own saws again and no others.
 */
@Service
public class Standings implements MayGoOut, SmartLifecycle {

    private static final Logger LOG = LoggerFactory.getLogger(Standings.class);

    private static final Duration END_WITHIN = Duration.ofSeconds(10);

    private final FittedSaws saws;
    private final RecordReader reader;
    private final FleetSettings settings;
    private final Knowledge knowledge;
    private final Sentences sentences;
    private final FleetRevision revision;
    private final Clock clock;
    private final TransactionTemplate reading;
    private final SecondReader second;
    private final AtomicReference<@Nullable Kept> kept = new AtomicReference<>();
    private final ExecutorService keeper = Executors.newSingleThreadExecutor(Standings::named);

    Standings(
            FittedSaws saws,
            RecordReader reader,
            FleetSettings settings,
            Knowledge knowledge,
            Sentences sentences,
            FleetRevision revision,
            Clock clock,
            PlatformTransactionManager transactions) {
        this.saws = saws;
        this.reader = reader;
        this.settings = settings;
        this.knowledge = knowledge;
        this.sentences = sentences;
        this.revision = revision;
        this.clock = clock;
        this.reading = new TransactionTemplate(transactions);
        this.reading.setReadOnly(true);
        this.second = new SecondReader(reading);
    }

    /** A saw with its records as they were read last; the same one until a write touches the saw. */
    private record Read(FittedSaw fitted, SawRecords records) {}

    /** The ledger of a saw, and what it tells of its sisters. */
    private record Booked(
            Read read, SawLedger ledger, @Nullable Double pace, ProvenOil oil) {

        void addTo(SisterBook sisters) {
            sisters.add(read.fitted(), pace, oil);
        }
    }

    /** One standing and what it was worked out from, to be used again while that is the same. */
    private record Worked(Booked booked, Sisters sisters, Standing standing) {}

    /** What was worked out, from what. */
    private record Kept(
            long revision,
            LocalDate today,
            int settings,
            Map<UUID, Worked> worked,
            List<Standing> all,
            List<String> leftOut) {}

    /** Every saw in service, by tag. */
    public List<Standing> all() {
        return worked(LocalDate.now(clock)).all();
    }

    /**
     * Brings what is kept up to date, once for all who ask at a time: a thread of its own works it out, with nothing in its hands
     * that others wait for. Waits for it; not to be called with a connection in hand. A failure is met by whoever needs the
     * standings, and by nobody else.
     *
     * @return the revision up to which it holds, whatever is written meanwhile
     */
    long bringUpToDate() {
        long asked = revision.now();
        if (!holds(kept.get(), asked, LocalDate.now(clock))) {
            // Whoever was before may have worked it out for both.
            CompletableFuture.runAsync(() -> tryAll(asked), keeper).join();
        }
        return asked;
    }

    private void tryAll(long asked) {
        try {
            workedSince(asked, LocalDate.now(clock));
        } catch (RuntimeException failure) {
            LOG.debug("Not worked out", failure);
        }
    }

    /** Whether this was worked out from all that was written up to a revision. */
    private static boolean holds(@Nullable Kept kept, long asked, LocalDate today) {
        return kept != null && kept.revision() >= asked && kept.today().equals(today);
    }

    /**
     * A page shows all that was written when it was asked for; what is written while it is made is no reason to work it out once
     * more.
     */
    private Kept worked(LocalDate today) {
        Long asked = Writing.now() ? null : ReadFirst.revisionOfRequest();
        return workedSince(asked == null ? revision.now() : asked, today);
    }

    /** Waits for nobody: two who ask at the same moment may both work it out, and the newer is kept. */
    private Kept workedSince(long asked, LocalDate today) {
        Kept before = kept.get();
        if (before != null && holds(before, asked, today)) {
            return before;
        }
        long now = revision.now();
        Kept made = workedOutAll(now, today, before);
        if (!Writing.now()) {
            kept.accumulateAndGet(made, Standings::newer);
        }
        return made;
    }

    /** Where saws cannot be read together, each is read by itself: one that nobody can understand is left out, and said. */
    private Kept workedOutAll(long now, LocalDate today, @Nullable Kept before) {
        try {
            return Objects.requireNonNull(reading.execute(status -> workedOut(now, today, before)));
        } catch (RuntimeException e) {
            if (Writing.now() || keeper.isShutdown() || !StoreRefused.notUnderstood(e)) {
                throw e;
            }
            List<FittedSaw> readable = new ArrayList<>();
            List<String> leftOut = new ArrayList<>();
            Map<UUID, String> tags = Objects.requireNonNull(reading.execute(status -> saws.tagsInService()));
            tags.forEach((id, tag) -> {
                try {
                    readable.addAll(Objects.requireNonNull(reading.execute(status -> saws.inService(List.of(id)))));
                } catch (RuntimeException ofThisSaw) {
                    if (!StoreRefused.notUnderstood(ofThisSaw)) {
                        throw ofThisSaw;
                    }
                    LOG.error("Saw {} cannot be read: {}", tag, ofThisSaw.getMessage());
                    leftOut.add(tag);
                }
            });
            return Objects.requireNonNull(reading.execute(status -> workedOut(
                    now, today, null, readable.stream().map(this::read).toList(), leftOut)));
        }
    }

    /** Tags of saws of which nobody can say where they stand: they are in no list, and must not go out. */
    List<String> leftOut() {
        Kept now = kept.get();
        return now == null ? List.of() : now.leftOut();
    }

    private static @Nullable Kept newer(@Nullable Kept one, @Nullable Kept other) {
        return one != null && other != null && one.revision() > other.revision() ? one : other;
    }

    /**
     * One saw among its sisters. Within a write it is worked out from what the database holds, whatever is kept: what is
     * remembered for reading never decides.
     */
    public Standing of(Saw saw) {
        if (Writing.now()) {
            return rebuilt(saw, settings.now());
        }
        // It may have come while this page was made.
        return find(saw, all())
                .or(() -> find(
                        saw, workedSince(revision.now(), LocalDate.now(clock)).all()))
                .orElseThrow(() -> Refusal.conflict("", "saw.retired", saw.tag()));
    }

    private static Optional<Standing> find(Saw saw, List<Standing> all) {
        return all.stream().filter(s -> s.fitted().saw().id().equals(saw.id())).findFirst();
    }

    /** One part alone, wherever it hangs, judged as on a saw that it hung on. Worked out anew each time. */
    public Standing ofPart(Part part, UUID sawId) {
        return reading.execute(status -> {
            FittedSaw alone = FittedSaw.of(saws.saw(sawId), List.of(part), null);
            SettingsInForce settingsNow = settings.now();
            HouseRules rules = settingsNow.rules();
            LocalDate today = LocalDate.now(clock);
            Booked book = booked(
                    new Read(alone, reader.read(alone, this::day)),
                    new LedgerMaker(rules, settingsNow, knowledge, today, this::day));
            return standing(book, Sisters.NONE, rules, settingsNow, today);
        });
    }

    /** One saw worked out from its records alone, among its sisters as they are kept. */
    public Standing rebuilt(Saw saw) {
        return rebuilt(saw, settings.now());
    }

    /** The same by other settings than those in force. */
    public Standing rebuilt(Saw saw, SettingsInForce by) {
        LocalDate today = LocalDate.now(clock);
        return Objects.requireNonNull(reading.execute(status -> {
            FittedSaw fitted = saws.inService(List.of(saw.id())).stream()
                    .findFirst()
                    .orElseThrow(() -> Refusal.conflict("", "saw.retired", saw.tag()));
            Booked book = booked(
                    new Read(fitted, reader.read(fitted, this::day)),
                    new LedgerMaker(by.rules(), by, knowledge, today, this::day));
            return standing(book, sistersOf(fitted), by.rules(), by, today);
        }));
    }

    /** Every saw as it would stand by other settings, from the records as they are remembered: for a first look, no more. */
    public List<Standing> remembered(SettingsInForce by) {
        LocalDate today = LocalDate.now(clock);
        LedgerMaker maker = new LedgerMaker(by.rules(), by, knowledge, today, this::day);
        return worked(today).worked().values().stream()
                .map(worked -> standing(booked(worked.booked().read(), maker), worked.sisters(), by.rules(), by, today))
                .toList();
    }

    /**
     * How fast sisters take up is a suspicion and no hold, and what their oilers use moves slowly and within bounds: a write does
     * not read the whole fleet anew for it.
     */
    private Sisters sistersOf(FittedSaw fitted) {
        Kept known = kept.get();
        SisterBook sisters = new SisterBook();
        (known != null && Writing.now() ? known : worked(LocalDate.now(clock)))
                .worked()
                .values()
                .forEach(other -> other.booked().addTo(sisters));
        return sisters.of(fitted);
    }

    /** Works everything out from the records alone, as after a restart. */
    public List<Standing> rebuilt() {
        return reading.execute(
                status -> workedOut(revision.now(), LocalDate.now(clock), null).all());
    }

    /** The first board of the day should not wait for the years: begun as soon as the application answers. */
    @EventListener(ApplicationReadyEvent.class)
    void begin() {
        keeper.execute(() -> tryAll(revision.now()));
    }

    /** When the last request is answered. Never interrupted: that would close the file of the database under everybody's feet. */
    @Override
    public void stop() {
        keeper.shutdown();
        try {
            if (!keeper.awaitTermination(END_WITHIN.toSeconds(), TimeUnit.SECONDS)) {
                LOG.warn("Still reading records");
            }
        } catch (InterruptedException e) {
            Thread.currentThread().interrupt();
        }
    }

    @Override
    public void start() {
        // Begins when the application answers.
    }

    @Override
    public boolean isRunning() {
        return !keeper.isShutdown();
    }

    /** After the server of the pages. */
    @Override
    public int getPhase() {
        return 0;
    }

    private static Thread named(Runnable work) {
        Thread thread = new Thread(work, "standings");
        thread.setDaemon(true);
        return thread;
    }

    @Override
    public void refuseUnfit(Saw saw) {
        Standing standing = of(saw);
        standing.refuseAway();
        if (standing.visit() != null) {
            throw Refusal.conflict("", "saw.onBench", saw.tag());
        }
        standing.whyHeld().ifPresent(why -> {
            throw Refusal.conflict("", "saw.held", saw.tag(), sentences.of(why));
        });
    }

    private Kept workedOut(long now, LocalDate today, @Nullable Kept before) {
        return workedOut(now, today, before, reads(before), List.of());
    }

    // The same object, not an equal one: what was read anew is worked out anew.
    @SuppressWarnings("ReferenceEquality")
    private Kept workedOut(long now, LocalDate today, @Nullable Kept before, List<Read> reads, List<String> notRead) {
        SettingsInForce settingsNow = settings.now();
        HouseRules rules = settingsNow.rules();
        Map<UUID, Worked> known =
                before != null && before.today().equals(today) && before.settings() == settingsNow.changes()
                        ? before.worked()
                        : Map.of();
        LedgerMaker maker = new LedgerMaker(rules, settingsNow, knowledge, today, this::day);
        List<Booked> books = new ArrayList<>();
        SisterBook sisterBook = new SisterBook();
        for (Read read : reads) {
            Worked last = known.get(read.fitted().saw().id());
            Booked book = last != null && last.booked().read() == read ? last.booked() : booked(read, maker);
            books.add(book);
            book.addTo(sisterBook);
        }
        // In the order of the saws: what is read anew takes the place that it had.
        Map<UUID, Worked> worked = new LinkedHashMap<>();
        List<Standing> all = new ArrayList<>();
        for (Booked book : books) {
            FittedSaw fitted = book.read().fitted();
            Worked last =
                    before == null ? null : before.worked().get(fitted.saw().id());
            Sisters sisters = sisterBook.of(fitted);
            Worked next =
                    last != null && last.booked() == book && last.sisters().equals(sisters)
                            ? last
                            : new Worked(book, sisters, standing(book, sisters, rules, settingsNow, today));
            worked.put(fitted.saw().id(), next);
            all.add(next.standing());
        }
        return new Kept(now, today, settingsNow.changes(), worked, List.copyOf(all), notRead);
    }

    /** By tag: what a write touched is read again, all else stands. */
    private List<Read> reads(@Nullable Kept before) {
        Optional<Set<UUID>> touched = before == null ? Optional.empty() : revision.touchedSince(before.revision());
        List<FittedSaw> anew = touched.isEmpty()
                ? saws.inService()
                : touched.get().isEmpty() ? List.of() : saws.inService(touched.get());
        Function<FittedSaw, Read> anewOf = this::read;
        // What a write has changed no other connection sees before it is done.
        Collection<Read> readAnew = Writing.now() ? anew.stream().map(anewOf).toList() : second.read(anew, anewOf);
        Map<UUID, Read> left = new LinkedHashMap<>();
        readAnew.forEach(one -> left.put(one.fitted().saw().id(), one));
        List<Read> reads = new ArrayList<>();
        if (before != null && touched.isPresent()) {
            before.worked().forEach((id, worked) -> {
                Read again = left.remove(id);
                if (again != null) {
                    reads.add(again);
                } else if (!touched.get().contains(id)) {
                    reads.add(worked.booked().read());
                }
            });
        }
        reads.addAll(left.values());
        // Nearly in order before, which makes it quick.
        reads.sort(Comparator.comparing(read -> read.fitted().saw().tag(), TagOrder.NATURAL));
        return reads;
    }

    private Read read(FittedSaw fitted) {
        if (keeper.isShutdown()) {
            throw new IllegalStateException("ending");
        }
        return new Read(fitted, reader.read(fitted, this::day));
    }

    private static Booked booked(Read read, LedgerMaker maker) {
        SawLedger ledger = maker.ledger(read.fitted(), read.records());
        return new Booked(
                read, ledger, ledger.tension().growthPerTank(), ledger.provenOil(maker.numbers(read.fitted())));
    }

    private LocalDate day(Instant at) {
        return LocalDate.ofInstant(at, clock.getZone());
    }

    private static Standing standing(
            Booked book, Sisters sisters, HouseRules rules, SettingsInForce settingsNow, LocalDate today) {
        FittedSaw fitted = book.read().fitted();
        SawLedger ledger = book.ledger();
        Numbers numbers = settingsNow.numbers(fitted.saw());
        SawProfile profile = ledger.schedule().saw();
        SawAccount account = ledger.assess(sisters, new SawLedger.Rules(numbers, rules.seasons(), today))
                .withNotUnderstood(book.read().records().notUnderstood());
        return new Standing(
                fitted,
                profile,
                numbers,
                ledger,
                account,
                book.read().records().visit(),
                book.read().records().away(),
                VisitPlan.of(profile, account.tasks(), account.work(), numbers),
                book.read().records().parts(),
                SawWear.of(
                        new SawWear.Ledgers(book.read().records().parts(), ledger.schedule(), ledger.tension()),
                        account.tension().growth(),
                        new SawWear.Rules(numbers, settingsNow.flipSchool())));
    }
}
