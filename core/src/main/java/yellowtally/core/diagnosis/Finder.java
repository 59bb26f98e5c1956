package yellowtally.core.diagnosis;

import java.util.ArrayList;
import java.util.EnumSet;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import yellowtally.core.diagnosis.Diagnosis.Outcome;
import yellowtally.core.settings.Numbers;
import yellowtally.core.stages.Bill;
import yellowtally.core.stages.Stage;

/**
 * Reasons from answers to causes (handbook section 12): naive Bayes over the causes behind one complaint ({@link Belief}),
 * starting from their weights and from what is known of the saw. No cause stands clear before somebody has looked at the very
 * thing, and the next check is one that a hand can make now ({@link NextChecks}).
 */
public final class Finder {

    private final KnowledgeBase known;
    private final Complaint complaint;
    private final FinderCase saw;
    private final List<Cause> causes;
    private final List<Check> checks;
    private final Numbers numbers;
    private final Likelihoods likelihoods;

    /**
     * A finder for one complaint about one saw; one that nothing known can be behind has no causes and ranks none.
     */
    public Finder(KnowledgeBase known, Complaint complaint, FinderCase saw, Numbers numbers) {
        this.known = known;
        this.complaint = complaint;
        this.saw = saw;
        this.causes = known.behind(complaint, saw.traits());
        this.checks = known.telling(complaint, causes, saw.traits());
        this.numbers = numbers;
        this.likelihoods = new Likelihoods(causes, checks);
    }

    /** What can be behind the complaint on this saw, in the order of the file. */
    public List<Cause> causes() {
        return causes;
    }

    /** Checks that can be made of this complaint, in the order of their file. */
    public List<Check> checks() {
        return checks;
    }

    /** A check that can be made of this complaint. */
    public Optional<Check> check(String code) {
        return checks.stream().filter(check -> check.code().equals(code)).findFirst();
    }

    /**
     * Answers that stand without having been asked for, in the order of the file: what is on record of a check that is not
     * among those given.
     */
    public List<Answered> standing(List<Answered> path) {
        Set<String> given = path.stream().map(Answered::check).collect(Collectors.toSet());
        List<Answered> standing = new ArrayList<>();
        for (Check check : checks) {
            OnRecord record = saw.onRecord().get(check.code());
            if (record != null && check.answers().containsKey(record.answer()) && !given.contains(check.code())) {
                standing.add(new Answered(check.code(), record.answer()));
            }
        }
        return standing;
    }

    /** Where the complaint stands after these answers, in their order; an answer to an unknown check tells nothing. */
    public Diagnosis after(List<Answered> path) {
        Walk walk = walked(path);
        Belief belief = walk.belief;
        List<RankedCause> ranking = belief.ranking();
        Clash clash = belief.clash();
        RankedCause first = ranking.isEmpty() ? null : ranking.get(0);
        double clearFrom = numbers.of(DiagnosisSetting.CLEAR_FROM) / 100 - 1e-12;
        Cause shown = first != null && clash == null && first.seen() && belief.shareSeen() >= clearFrom
                ? first.cause()
                : null;
        // Even a cause that every answer speaks for is looked at first.
        Cause lookAt =
                first != null && clash == null && !first.seen() && first.share() >= clearFrom ? first.cause() : null;
        List<OfferedCheck> offers = nextChecks().offers(belief, walk.made, walk.open, lookAt, shown);
        boolean clear = shown != null && !nextChecks().asksBeforeTheEnd(offers, shown);
        boolean looks = lookAt != null
                && !offers.isEmpty()
                && known.looks(lookAt).contains(offers.get(0).check().code());
        Outcome outcome =
                clear ? Outcome.CLEAR : offers.isEmpty() ? Outcome.UNCLEAR : looks ? Outcome.LOOK : Outcome.ASKS;
        return new Diagnosis(
                outcome,
                ranking,
                offers.isEmpty() ? null : offers.get(0),
                offers.isEmpty() ? List.of() : offers.subList(1, offers.size()),
                walk.open,
                clash,
                walk.minutes);
    }

    /** How likely these answers are together, 0 to 1, before anything is known: for reckoning ahead. */
    double probability(List<Answered> path) {
        return walked(path).belief.probability();
    }

    /** Checks that a hand may make next after these answers, whatever they tell for their minutes. */
    List<OfferedCheck> allowed(List<Answered> path) {
        Diagnosis stands = after(path);
        List<OfferedCheck> offers = new ArrayList<>();
        if (stands.next() != null) {
            offers.add(stands.next());
            offers.addAll(stands.others());
        }
        return nextChecks().allowed(offers);
    }

    private NextChecks nextChecks() {
        return new NextChecks(known, complaint, checks, this, numbers);
    }

    private Walk walked(List<Answered> path) {
        List<Answered> standing = standing(path);
        Walk walk = new Walk(Stream.concat(standing.stream(), path.stream()));
        standing.forEach(walk::known);
        path.forEach(walk::answer);
        return walk;
    }

    /** Minutes of a check when these stages are open. */
    public OfferedCheck priced(Check check, double bits, Set<Stage> open) {
        Set<Stage> closed = EnumSet.noneOf(Stage.class);
        closed.addAll(check.stage().opened());
        closed.removeAll(open);
        double opening = Bill.access(closed, numbers);
        return new OfferedCheck(check, bits, check.minutes() + opening, opening);
    }

    /** Stages that are open after a check: running closes all, a look at the closed saw changes nothing. */
    public static Set<Stage> openAfter(Check check, Set<Stage> open) {
        Set<Stage> after = EnumSet.noneOf(Stage.class);
        if (check.stage() != Stage.RUNNING) {
            after.addAll(open);
            after.addAll(check.stage().opened());
        }
        return after;
    }

    /** The answers walked one by one: what they say, which stages they leave open, what they cost. */
    private final class Walk {
        private final Belief belief;
        private final Set<String> made = new HashSet<>();
        private Set<Stage> open = EnumSet.noneOf(Stage.class);
        private double minutes;

        Walk(Stream<Answered> answers) {
            Set<Signal> replaced = answers.filter(given -> given.answer() != null)
                    .flatMap(given -> check(given.check()).stream())
                    .flatMap(check -> check.terms().replaces().stream())
                    .collect(Collectors.toSet());
            belief = new Belief(known, complaint, saw, replaced, causes, likelihoods, numbers);
            open.addAll(saw.open());
            Stage comes = complaint.order().open();
            if (comes != null) {
                open.addAll(comes.opened());
            }
        }

        /** On record: costs nothing, opens nothing. */
        void known(Answered given) {
            check(given.check()).ifPresent(check -> weigh(check, given));
        }

        void answer(Answered given) {
            Check check = check(given.check()).orElse(null);
            if (check == null) {
                return;
            }
            minutes += priced(check, 0, open).minutes();
            open = openAfter(check, open);
            weigh(check, given);
        }

        private void weigh(Check check, Answered given) {
            String answer = given.answer();
            // A wet place needs a full tank: what was looked for on an empty one is looked for again.
            if (Check.TANK_NOT_FULL.equals(answer) && check.terms().fullTank()) {
                return;
            }
            made.add(check.code());
            if (answer != null && check.answers().containsKey(answer)) {
                belief.weigh(check, given, answer);
            }
        }
    }
}
