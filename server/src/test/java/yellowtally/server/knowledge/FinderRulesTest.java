package yellowtally.server.knowledge;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Objects;
import java.util.Random;
import java.util.Set;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.Arguments;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.MethodSource;
import yellowtally.core.diagnosis.Answered;
import yellowtally.core.diagnosis.BestOrder;
import yellowtally.core.diagnosis.Check;
import yellowtally.core.diagnosis.Complaint;
import yellowtally.core.diagnosis.Diagnosis;
import yellowtally.core.diagnosis.Diagnosis.Outcome;
import yellowtally.core.diagnosis.Finder;
import yellowtally.core.diagnosis.FinderCase;
import yellowtally.core.diagnosis.FinderTrial;
import yellowtally.core.diagnosis.FinderTrial.Hardship;
import yellowtally.core.diagnosis.FinderTrial.Order;
import yellowtally.core.diagnosis.KnowledgeBase;
import yellowtally.core.diagnosis.NearestComplaints;
import yellowtally.core.diagnosis.OfferedCheck;
import yellowtally.core.diagnosis.SawKinds;
import yellowtally.core.diagnosis.SawTrait;
import yellowtally.core.diagnosis.Signal;
import yellowtally.core.settings.Numbers;

/** The rules of handbook section 12, on what ships. */
class FinderRulesTest {

    private static final KnowledgeBase SHIPPED = KnowledgeReader.shipped();
    private static final Set<SawTrait> PETROL =
            kind(SawTrait.PETROL, SawTrait.ADJUSTABLE_OILER, SawTrait.BRAKE_IN_COVER);
    private static final Set<SawTrait> BATTERY = kind(SawTrait.BATTERY);

    private static Set<SawTrait> kind(SawTrait... traits) {
        return SawKinds.all().stream()
                .filter(kind -> kind.containsAll(Arrays.asList(traits)))
                .findFirst()
                .orElseThrow();
    }

    private static Finder finder(String complaint, Set<SawTrait> saw, Signal... signals) {
        return new Finder(
                SHIPPED,
                Objects.requireNonNull(SHIPPED.complaints().get(complaint)),
                new FinderCase(saw, Set.of(signals), Set.of()),
                Numbers.STANDARD);
    }

    /** Answers such as "tension-read=right pull-round=everywhere". */
    private static List<Answered> path(@Nullable String answers) {
        return answers == null
                ? List.of()
                : Stream.of(answers.split(" "))
                        .map(pair -> new Answered(pair.split("=")[0], pair.split("=")[1]))
                        .toList();
    }

    private static String next(Diagnosis stands) {
        return Objects.requireNonNull(stands.next()).check().code();
    }

    /** Tension first wherever the chain is the matter, drive links first after a thrown chain, the sprocket where it binds all round. */
    @ParameterizedTest
    @CsvSource({
        "will-not-stay-tight,                                            , tension-read",
        "will-not-stay-tight, tension-read=loose                         , nuts-tried",
        "binds,                                                          , tension-read",
        "binds,               tension-read=right                         , pull-round",
        "binds,               tension-read=right pull-round=everywhere   , sprocket-look",
        "pops,                                                           , tension-read",
        "grabs,                                                          , tension-read",
        "vibrates,                                                       , tension-read",
        "thrown,                                                         , links-look",
        "thrown,              links-look=good                            , sprocket-look",
        "cover-stuck,         chain-seated=seated                        , reset-off-saw",
        "dust,                corner-glint=both edge-damage=whole        , gauge-height",
        "oil-lost,                                                       , cap-look",
    })
    void theOrderThatAHandCanFollow(String complaint, @Nullable String answers, String next) {
        assertThat(next(finder(complaint, PETROL).after(path(answers)))).isEqualTo(next);
    }

    /** What the state of the saw rules out is not offered at all. */
    @ParameterizedTest
    @CsvSource({
        "thrown,      chain-tipped",
        "thrown,      tension-read",
        "thrown,      pull-round",
        "brake-stuck, cavity-look",
        "brake-stuck, band-measured",
        "cover-stuck, pull-round",
        "cover-stuck, lever-snap",
        "oil-lost,    oil-level",
    })
    void whatTheComplaintRulesOutIsNeverOffered(String complaint, String check) {
        assertThat(finder(complaint, PETROL).check(check)).isEmpty();
    }

    /** Each of these stood clear once without anybody having looked. */
    @ParameterizedTest
    @CsvSource({
        "brake-does-not-stop, lever-snap=snaps cavity-look=clean drum-look=dry linkage-look=whole tabs-look=whole, band-measured",
        "creeps,              idle-turned-down=creeps bearing-turn=smooth plug-look=tan,                             clutch-look",
        "dust,                corner-glint=none edge-damage=whole file-angle=right chain-direction=nose,             gauge-height",
    })
    void whatIsLeftByEliminationIsLookedAt(String complaint, String answers, String look) {
        Diagnosis left = finder(complaint, PETROL).after(path(answers));
        assertThat(left.outcome()).isEqualTo(Outcome.LOOK);
        assertThat(next(left)).isEqualTo(look);
    }

    /** "Gauges too low" does not stand after "too high", nor "left longer" after "right longer". */
    @ParameterizedTest
    @CsvSource({
        "grabs,     gauge-height=high,          gauges-low",
        "dust,      gauge-height=low,           gauges-high",
        "cuts-left, sides-measured=right,       left-cutters-longer",
        "will-not-stay-tight, loop-age=middle,  new-chain-settles",
        "brake-does-not-stop, band-measured=good, brake-band-worn",
        "runs-dry,  oil-hose-look=whole,        oil-hose-split",
    })
    void theOtherWayEndsACause(String complaint, String answers, String cause) {
        assertThat(finder(complaint, PETROL).after(path(answers)).ranking())
                .filteredOn(ranked -> ranked.cause().code().equals(cause))
                .singleElement()
                .satisfies(ranked -> {
                    assertThat(ranked.share()).isZero();
                    assertThat(ranked.endedBy()).isNotNull();
                });
    }

    /** "Chain too loose" needs a tension reading, whatever is known of the saw; and what was known is not counted beside it. */
    @Test
    void aSlackChainIsReadBeforeItIsBlamed() {
        Finder known = finder("vibrates", PETROL, Signal.LOOSE_WHEN_READ);
        assertThat(known.after(List.of()).outcome()).isNotEqualTo(Outcome.CLEAR);
        double read = known.after(path("tension-read=loose")).first().share();
        double unknown = finder("vibrates", PETROL)
                .after(path("tension-read=loose"))
                .first()
                .share();
        assertThat(read).isEqualTo(unknown);
    }

    /** An empty tank over night proves nothing about where it leaks: it is asked again. */
    @Test
    void aWetPlaceNeedsAFullTank() {
        Finder finder = finder("oil-lost", PETROL);
        Diagnosis start = finder.after(List.of());
        Diagnosis empty = finder.after(List.of(new Answered("card-stand", Check.TANK_NOT_FULL)));
        assertThat(empty.ranking()).isEqualTo(start.ranking());
        assertThat(Stream.concat(Stream.ofNullable(empty.next()), empty.others().stream()))
                .extracting(offer -> offer.check().code())
                .contains("card-stand");
        assertThat(finder.check("card-stand").orElseThrow().takes(Check.TANK_NOT_FULL))
                .isTrue();
        assertThat(finder.check("cap-look").orElseThrow().takes(Check.TANK_NOT_FULL))
                .isFalse();
    }

    /** Packed fins and a blocked screen: both looked at, and both told. */
    @Test
    void twoThingsAtOnceAreBothTold() {
        Finder finder = finder("hot-or-weak", kind(SawTrait.PETROL, SawTrait.ARRESTOR));
        List<Answered> fins = path("filter-look=clean plug-look=tan fins-look=packed");
        Diagnosis first = finder.after(fins);
        assertThat(first.outcome()).isEqualTo(Outcome.ASKS);
        assertThat(next(first)).isEqualTo("screen-look");
        List<Answered> both = new ArrayList<>(fins);
        both.add(new Answered("screen-look", "blocked"));
        Diagnosis told = finder.after(both);
        assertThat(told.outcome()).isEqualTo(Outcome.CLEAR);
        assertThat(told.seenToo()).extracting(r -> r.cause().code()).hasSize(1);
    }

    static Stream<Arguments> everyComplaint() {
        return SHIPPED.complaints().values().stream()
                .flatMap(complaint -> Stream.of(PETROL, BATTERY)
                        .filter(complaint::possibleOn)
                        .map(saw -> Arguments.of(complaint, saw)));
    }

    /** Whatever is answered: what stands clear was seen, nothing runs before what is seen at rest, nothing is asked twice. */
    @ParameterizedTest
    @MethodSource("everyComplaint")
    void theRulesHoldOnEveryWay(Complaint complaint, Set<SawTrait> saw) {
        Random random = new Random(complaint.code().hashCode());
        Finder finder = finder(complaint.code(), saw);
        for (int run = 0; run < 40; run++) {
            List<Answered> path = new ArrayList<>();
            Diagnosis stands = finder.after(path);
            while (stands.outcome().goesOn()) {
                OfferedCheck next = Objects.requireNonNull(stands.next());
                boolean first = complaint.order().first().contains(next.check().code());
                if (next.check().running() && !first) {
                    assertThat(stands.others())
                            .noneMatch(other -> !other.check().running() && other.openingMinutes() < 1e-9);
                }
                assertThat(path)
                        .extracting(Answered::check)
                        .doesNotContain(next.check().code());
                List<String> answers = List.copyOf(next.check().answers().keySet());
                path.add(new Answered(next.check().code(), answers.get(random.nextInt(answers.size()))));
                stands = finder.after(path);
            }
            if (stands.outcome() == Outcome.CLEAR) {
                String cause = stands.first().cause().code();
                Set<String> looks = SHIPPED.looks(stands.first().cause());
                assertThat(path)
                        .anyMatch(given -> looks.contains(given.check())
                                && finder.check(given.check())
                                        .orElseThrow()
                                        .shows(String.valueOf(given.answer()), cause));
            }
        }
    }

    /** Beside the best order there is, found by looking ahead to the end, on complaints small enough for it: within a tenth. */
    @ParameterizedTest
    @CsvSource({"dust", "grabs", "thrown", "brake-stuck", "cover-stuck", "creeps"})
    void theFinderIsWithinATenthOfTheBestOrder(String complaint) {
        Finder finder = finder(complaint, PETROL);
        double best = BestOrder.bestMinutes(finder);
        assertThat(BestOrder.finderMinutes(finder)).isBetween(best - 1e-9, best * 1.1);
    }

    /** With one answer in twenty wrong, and with two causes at once, it still finds most, and says more often that answers clash. */
    @Test
    void harderFaults() {
        FinderTrial.Result easy = new FinderTrial(SHIPPED, Hardship.NONE, 5).play(400, Order.FINDER);
        FinderTrial.Result wrong = new FinderTrial(SHIPPED, new Hardship(0, 0.05, false), 5).play(400, Order.FINDER);
        FinderTrial.Result two = new FinderTrial(SHIPPED, new Hardship(0, 0, true), 5).play(400, Order.FINDER);
        assertThat(wrong.found()).isBetween(0.7, easy.found());
        assertThat(wrong.clashed()).isGreaterThan(easy.clashed());
        assertThat(two.found()).isGreaterThan(0.55);
        assertThat(two.wrong()).isLessThan(0.2);
    }

    /** What crews write, and what it is nearest to. */
    @ParameterizedTest
    @CsvSource({
        "'Chain came off in the brush',            thrown",
        "'brake does not stop it, ran on',         brake-does-not-stop",
        "'lots of dust, have to push',             dust",
        "'oil puddle under it this morning',       oil-lost",
        "'Hard to start when cold',                stumbles",
        "'gets hot, no power',                     hot-or-weak",
        "'cuts to the left',                       cuts-left",
        "'shakes a lot',                           vibrates",
        "'kicked back twice',                      grabs",
        "'clicking noise from the chain',          pops",
        "'chain slack again after ten minutes',    will-not-stay-tight",
        "'cover would not seat',                   cover-stuck",
        "'chain turns at idle',                    creeps",
    })
    void wordsAreOfferedTheirNearestComplaint(String told, String complaint) {
        assertThat(NearestComplaints.of(told, SHIPPED.complaints().values()).stream()
                        .limit(2)
                        .map(near -> near.complaint().code()))
                .contains(complaint);
    }

    @Test
    void wordsThatNobodyKnowsAreNearToNothing() {
        assertThat(NearestComplaints.of("xyzzy", SHIPPED.complaints().values())).isEmpty();
    }
}
