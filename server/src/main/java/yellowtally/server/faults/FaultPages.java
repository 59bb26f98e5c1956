package yellowtally.server.faults;

import java.util.Comparator;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;
import yellowtally.core.diagnosis.Answered;
import yellowtally.core.diagnosis.Cause;
import yellowtally.core.diagnosis.Check;
import yellowtally.core.diagnosis.Clash;
import yellowtally.core.diagnosis.Complaint;
import yellowtally.core.diagnosis.Diagnosis;
import yellowtally.core.diagnosis.FaultEvent;
import yellowtally.core.diagnosis.FaultEventKind;
import yellowtally.core.diagnosis.FaultProgress.FaultStage;
import yellowtally.core.diagnosis.NearestComplaints;
import yellowtally.core.diagnosis.OfferedCheck;
import yellowtally.core.diagnosis.RankedCause;
import yellowtally.core.diagnosis.SawTrait;
import yellowtally.core.steps.Step;
import yellowtally.server.faults.FaultPage.AnswerKey;
import yellowtally.server.faults.FaultPage.CauseView;
import yellowtally.server.faults.FaultPage.ClashView;
import yellowtally.server.faults.FaultPage.ComplaintChoice;
import yellowtally.server.faults.FaultPage.EvidenceView;
import yellowtally.server.faults.FaultPage.FinderCheck;
import yellowtally.server.faults.FaultPage.HappenedView;
import yellowtally.server.faults.FaultPage.KnownView;
import yellowtally.server.faults.FaultPage.MadeView;
import yellowtally.server.faults.FaultPage.RankedView;
import yellowtally.server.faults.FaultPage.WatchView;
import yellowtally.server.fleet.Fleet;
import yellowtally.server.knowledge.Knowledge;
import yellowtally.server.people.People;
import yellowtally.server.standing.Standing;
import yellowtally.server.standing.Standings;
import yellowtally.server.support.Refusal;

/** What the screen of one fault shows: the finder, the cause and its repair, the watch. */
@Component
class FaultPages {

    private static final int OTHERS_SHOWN = 6;

    private final Fleet fleet;
    private final People people;
    private final Knowledge knowledge;
    private final Standings standings;
    private final FaultRepository repository;
    private final FaultReader reader;

    FaultPages(
            Fleet fleet,
            People people,
            Knowledge knowledge,
            Standings standings,
            FaultRepository repository,
            FaultReader reader) {
        this.fleet = fleet;
        this.people = people;
        this.knowledge = knowledge;
        this.standings = standings;
        this.repository = repository;
        this.reader = reader;
    }

    List<ComplaintChoice> complaints(String tag) {
        Set<SawTrait> traits = SawTrait.of(standings.of(fleet.sawInService(tag)).profile());
        return knowledge.base().possible(traits).stream()
                .map(FaultPages::choice)
                .toList();
    }

    private static ComplaintChoice choice(Complaint complaint) {
        return new ComplaintChoice(complaint.code(), complaint.title(), complaint.holds());
    }

    FaultPage one(UUID id) {
        Fault fault = repository.find(id).orElseThrow(() -> Refusal.gone("fault.unknown"));
        FaultReader.Read read = reader.read(fault);
        Map<UUID, String> names = people.names();
        Diagnosis stands = read.finder().after(read.story().path());
        Standing standing = read.standing();
        return new FaultPage(
                fault.id(),
                standing.fitted().saw().tag(),
                standing.profile().power(),
                standing.account().state(),
                standing.visit() == null ? null : standing.visit().id(),
                choice(read.complaint()),
                fault.seen(),
                fault.origin(),
                fault.at(),
                names.getOrDefault(fault.personId(), ""),
                read.progress().stage(),
                stands.outcome(),
                stands.ranking().stream().map(this::ranked).toList(),
                stands.next() == null ? null : check(stands.next()),
                stands.others().stream()
                        .limit(OTHERS_SHOWN)
                        .map(FaultPages::check)
                        .toList(),
                more(read, stands),
                path(read, names),
                known(read),
                stands.clash() == null ? null : clash(stands.clash()),
                stands.seenToo().stream().map(ranked -> ranked.cause().title()).toList(),
                nearest(read),
                near(read).size(),
                stands.open(),
                stands.minutes(),
                causeView(read, names),
                read.progress().steps(),
                new WatchView(
                        read.watch().state(),
                        read.watch().stoodAt(),
                        read.watch().lookAt(),
                        read.watch().dryAt(),
                        read.watch().wet(),
                        read.watch().wet() == null
                                ? List.of()
                                : read.watch().wet().suspects()),
                happened(read, names));
    }

    private static List<FinderCheck> more(FaultReader.Read read, Diagnosis stands) {
        Set<String> known = new HashSet<>();
        read.story().path().forEach(made -> known.add(made.check()));
        if (stands.next() != null) {
            known.add(stands.next().check().code());
        }
        stands.others().stream()
                .limit(OTHERS_SHOWN)
                .forEach(offer -> known.add(offer.check().code()));
        return read.finder().checks().stream()
                .filter(check -> !known.contains(check.code()))
                .map(check -> check(read.finder().priced(check, 0, stands.open())))
                .toList();
    }

    private RankedView ranked(RankedCause ranked) {
        return new RankedView(
                ranked.cause().code(),
                ranked.cause().title(),
                ranked.share(),
                ranked.seen(),
                ranked.endedBy() == null ? null : said(ranked.endedBy()),
                ranked.past(),
                ranked.evidence().stream()
                        .map(e -> new EvidenceView(
                                e.signal(), e.answered() == null ? null : said(e.answered()), e.times()))
                        .toList());
    }

    private String said(Answered answered) {
        Check check = knowledge.base().checks().get(answered.check());
        String answer = answered.answer();
        return check == null || answer == null || !check.answers().containsKey(answer)
                ? answered.check()
                : check.answers().get(answer).said();
    }

    private static FinderCheck check(OfferedCheck offer) {
        Check check = offer.check();
        return new FinderCheck(
                check.code(),
                check.title(),
                check.how(),
                check.caution(),
                check.stage(),
                check.pointsAt(),
                offer.minutes(),
                offer.openingMinutes(),
                offer.bits(),
                check.answers().entrySet().stream()
                        .map(entry ->
                                new AnswerKey(entry.getKey(), entry.getValue().title()))
                        .toList(),
                check.terms().fullTank());
    }

    /** Answers that stand without having been asked for, latest first. */
    private List<KnownView> known(FaultReader.Read read) {
        return read.finder().standing(read.story().path()).stream()
                .map(answered -> new KnownView(
                        answered.check(),
                        title(answered.check()),
                        said(answered),
                        Objects.requireNonNull(read.onRecord().get(answered.check()))
                                .at()))
                .sorted(Comparator.comparing(KnownView::at).reversed())
                .toList();
    }

    private ClashView clash(Clash clash) {
        String again = clash.again().check();
        return new ClashView(
                again, title(again), said(clash.again()), clash.with() == null ? null : said(clash.with()));
    }

    /** What a check is called; its code when it is known no more. */
    private String title(String check) {
        Check known = knowledge.base().checks().get(check);
        return known == null ? check : known.title();
    }

    /** Complaints that share words with what was told; none where nothing is left to sort. */
    private List<Complaint> near(FaultReader.Read read) {
        return read.complaint().told()
                ? NearestComplaints.of(
                                String.valueOf(read.fault().seen()),
                                knowledge.base().possible(read.traits()))
                        .stream()
                        .map(NearestComplaints.Near::complaint)
                        .toList()
                : List.of();
    }

    /** Every complaint that this saw can make, those first that share words with what was told. */
    private List<ComplaintChoice> nearest(FaultReader.Read read) {
        return read.complaint().told()
                ? Stream.concat(near(read).stream(), knowledge.base().possible(read.traits()).stream())
                        .distinct()
                        .map(FaultPages::choice)
                        .toList()
                : List.of();
    }

    /** Answers that stand, with who gave them. */
    private List<MadeView> path(FaultReader.Read read, Map<UUID, String> names) {
        Set<FaultEvent> standing = Set.copyOf(read.story().answers());
        return read.events().stream()
                .filter(row -> standing.contains(row.event()))
                .map(row -> {
                    FaultEvent event = row.event();
                    Check check = knowledge.base().checks().get(String.valueOf(event.check()));
                    Check.Answer answer = check == null || event.answer() == null
                            ? null
                            : check.answers().get(event.answer());
                    return new MadeView(
                            String.valueOf(event.check()),
                            check == null ? String.valueOf(event.check()) : check.title(),
                            answer == null ? null : answer.title(),
                            event.at(),
                            names.getOrDefault(row.personId(), ""));
                })
                .toList();
    }

    private @Nullable CauseView causeView(FaultReader.Read read, Map<UUID, String> names) {
        Cause cause = read.cause();
        FaultEventRow found = read.events().stream()
                .filter(row -> row.event().kind() == FaultEventKind.CAUSE_FOUND)
                .max(Comparator.comparing(row -> row.event().at()))
                .orElse(null);
        if (cause == null || found == null) {
            return null;
        }
        List<Step> steps = cause.steps().stream()
                .filter(step -> step.appliesTo(read.standing().profile()))
                .toList();
        List<Step> open =
                read.progress().stage() == FaultStage.REPAIR ? read.progress().steps() : List.of();
        return new CauseView(
                cause.code(),
                cause.title(),
                steps,
                cause.mechanic()
                        ? List.of()
                        : steps.stream().filter(step -> !open.contains(step)).toList(),
                cause.proofAfter(read.complaint()),
                cause.parts(),
                cause.leak(),
                cause.mechanic(),
                found.event().at(),
                names.getOrDefault(found.personId(), ""));
    }

    private List<HappenedView> happened(FaultReader.Read read, Map<UUID, String> names) {
        return read.events().stream()
                .map(row -> {
                    FaultEvent event = row.event();
                    String what = switch (event.kind()) {
                        case ANSWERED -> said(new Answered(String.valueOf(event.check()), event.answer()));
                        case DOUBTED -> title(String.valueOf(event.check()));
                        case SORTED ->
                            knowledge.complaint(String.valueOf(event.cause())).title();
                        case CAUSE_FOUND -> knowledge.causeTitle(String.valueOf(event.cause()));
                        default -> null;
                    };
                    return new HappenedView(
                            event.kind(),
                            what,
                            event.wet(),
                            row.note(),
                            event.at(),
                            names.getOrDefault(row.personId(), ""));
                })
                .toList();
    }
}
