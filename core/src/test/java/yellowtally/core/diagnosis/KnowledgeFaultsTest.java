package yellowtally.core.diagnosis;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Set;
import org.jspecify.annotations.Nullable;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import yellowtally.core.diagnosis.KnowledgeFaults.Kind;
import yellowtally.core.diagnosis.KnowledgeFaults.KnowledgeFault;
import yellowtally.core.stages.Stage;
import yellowtally.core.steps.Finding;
import yellowtally.core.steps.Step;

/** Every way in which what is known can be wrong is told. */
class KnowledgeFaultsTest {

    private static final List<Cause> CAUSES =
            List.of(SmallKnowledge.BLOCKED, SmallKnowledge.DRIVE, SmallKnowledge.LEAK);
    private static final List<Check> CHECKS =
            List.of(SmallKnowledge.CARD, SmallKnowledge.OUTLET, SmallKnowledge.DRAG, SmallKnowledge.HOSE);

    private static List<Kind> faults(List<Complaint> complaints, List<Cause> causes, List<Check> checks) {
        return KnowledgeFaults.of(SmallKnowledge.of(complaints, causes, checks)).stream()
                .map(KnowledgeFault::kind)
                .distinct()
                .toList();
    }

    private static List<Kind> withCheck(Check check) {
        List<Check> checks = new ArrayList<>(CHECKS);
        checks.add(check);
        return faults(List.of(SmallKnowledge.DRY), CAUSES, checks);
    }

    @Test
    void theSmallKnowledgeIsSound() {
        assertThat(KnowledgeFaults.of(SmallKnowledge.BASE)).isEmpty();
    }

    @Test
    void aCauseThatNoComplaintNames() {
        List<Cause> causes = new ArrayList<>(CAUSES);
        causes.add(SmallKnowledge.cause("forgotten", Map.of(), List.of(Step.FILL), null, false));
        assertThat(faults(List.of(SmallKnowledge.DRY), causes, CHECKS)).containsExactly(Kind.NOT_REACHED);
    }

    @Test
    void aComplaintThatNamesWhatIsNotThere() {
        Complaint complaint = new Complaint(
                "dry",
                "dry",
                false,
                Step.OIL_CARD,
                Set.of(),
                SmallKnowledge.weights("bar-blocked", 6.0, "drive-not-caught", 0.0, "hose-split", 3.0, "ghost", 1.0));
        assertThat(faults(List.of(complaint), CAUSES, CHECKS))
                .containsExactlyInAnyOrder(Kind.UNKNOWN_CAUSE, Kind.WEIGHT_NOT_POSITIVE);
    }

    @Test
    void aCauseThatNothingIsDoneAbout() {
        List<Cause> causes = List.of(
                SmallKnowledge.BLOCKED,
                SmallKnowledge.DRIVE,
                SmallKnowledge.cause("hose-split", Map.of(Signal.RAIN_OUTINGS, -1.0), List.of(), null, false));
        assertThat(faults(List.of(SmallKnowledge.DRY), causes, CHECKS))
                .containsExactlyInAnyOrder(Kind.NOTHING_TO_DO, Kind.WEIGHT_NOT_POSITIVE);
    }

    /** A step that never finds it, an answer that is not there, a clean record that says what is no answer. */
    @ParameterizedTest
    @CsvSource({
        "NOSE,     ,     OIL_NONE,    none",
        "OIL_CARD, ,     OIL_NONE,    plenty",
        "OIL_CARD, rain, OIL_NONE,    none",
    })
    void aBenchThatAnswersWhatIsNotAsked(Step step, @Nullable String fine, Finding finding, String answer) {
        Check card = SmallKnowledge.CARD;
        Check wrong = new Check(
                "card again",
                "card",
                "look",
                null,
                card.stage(),
                null,
                2,
                Set.of(),
                card.answers(),
                card.usually(),
                card.when(),
                new BenchAnswer(step, fine, Map.of(finding, answer)),
                Check.Terms.NONE);
        assertThat(withCheck(wrong)).containsExactly(Kind.BENCH_DIFFERS);
    }

    @Test
    void rowsThatDoNotSumToOneOrNameOtherAnswers() {
        assertThat(withCheck(SmallKnowledge.check(
                        "sum",
                        Stage.CLOSED,
                        1,
                        Map.of("a", 0.5, "b", 0.4),
                        Map.of("hose-split", Map.of("a", 0.1, "b", 0.9)))))
                .containsExactly(Kind.SHARES_NOT_ONE);
        assertThat(withCheck(SmallKnowledge.check(
                        "other",
                        Stage.CLOSED,
                        1,
                        Map.of("a", 0.5, "b", 0.5),
                        Map.of("hose-split", Map.of("a", 0.1, "c", 0.9)))))
                .containsExactly(Kind.ANSWERS_DIFFER);
        assertThat(withCheck(SmallKnowledge.check(
                        "sure",
                        Stage.CLOSED,
                        1,
                        Map.of("a", 0.5, "b", 0.5),
                        Map.of("hose-split", Map.of("a", 0.0, "b", 1.0)))))
                .containsExactly(Kind.SHARE_BEYOND_DOUBT);
        assertThat(withCheck(SmallKnowledge.check(
                        "ghost",
                        Stage.CLOSED,
                        0,
                        Map.of("a", 0.5, "b", 0.5),
                        Map.of(
                                "ghost", Map.of("a", 0.1, "b", 0.9),
                                "hose-split", Map.of("a", 0.1, "b", 0.9)))))
                .containsExactlyInAnyOrder(Kind.UNKNOWN_CAUSE, Kind.MINUTES_NOT_POSITIVE);
    }

    @Test
    void aCheckThatTellsNothing() {
        assertThat(withCheck(SmallKnowledge.check("idle", Stage.CLOSED, 1, Map.of("a", 0.5, "b", 0.5), Map.of())))
                .containsExactly(Kind.TELLS_NOTHING);
        assertThat(withCheck(SmallKnowledge.check("one", Stage.CLOSED, 1, Map.of("a", 1.0), Map.of())))
                .contains(Kind.TOO_FEW_ANSWERS);
    }

    @Test
    void aCauseThatNoCheckEverClears() {
        assertThat(KnowledgeFaults.of(SmallKnowledge.of(
                        List.of(SmallKnowledge.DRY), CAUSES, List.of(SmallKnowledge.CARD, SmallKnowledge.OUTLET))))
                .as("nobody could ever look at the drive")
                .contains(new KnowledgeFault(Kind.NEVER_SEEN, "dry", "drive-not-caught"));
        Check weak = SmallKnowledge.check(
                "drag",
                Stage.BAR_OFF,
                1,
                Map.of("drags", 0.9, "free", 0.1),
                Map.of("drive-not-caught", Map.of("drags", 0.6, "free", 0.4)));
        assertThat(KnowledgeFaults.of(SmallKnowledge.of(
                        List.of(SmallKnowledge.DRY), CAUSES, List.of(SmallKnowledge.CARD, weak, SmallKnowledge.HOSE))))
                .as("a look that tells too little")
                .contains(new KnowledgeFault(Kind.DEAD_END, "dry", "drive-not-caught"));
    }

    /** What an order, a cause or a check names must be there. */
    @Test
    void namesOfWhatIsNotThere() {
        Complaint order = new Complaint(
                "dry",
                "dry",
                false,
                Step.OIL_CARD,
                Set.of(),
                SmallKnowledge.DRY.causes(),
                new Complaint.Order(List.of("ghost"), Set.of("ghoul"), Set.of(), null),
                List.of());
        assertThat(KnowledgeFaults.of(SmallKnowledge.of(List.of(order), CAUSES, CHECKS)))
                .contains(
                        new KnowledgeFault(Kind.UNKNOWN_CHECK, "dry", "ghost"),
                        new KnowledgeFault(Kind.UNKNOWN_CHECK, "dry", "ghoul"));
    }

    @Test
    void aComplaintThatHasNoCauseOnSomeKindOfSaw() {
        Cause petrolOnly = new Cause(
                "hose-split",
                "x",
                List.of(Step.TANKS),
                null,
                Set.of(),
                false,
                false,
                false,
                Set.of(SawTrait.PETROL),
                Map.of(),
                Set.of());
        Complaint complaint =
                new Complaint("dry", "dry", false, Step.OIL_CARD, Set.of(), SmallKnowledge.weights("hose-split", 3.0));
        assertThat(faults(List.of(complaint), List.of(petrolOnly), List.of())).contains(Kind.NO_CAUSE);
    }

    @Test
    void whatAnOfficerAddsTakesThePlaceOfWhatStoodThere() {
        Check slower = SmallKnowledge.check(
                "outlet", Stage.BAR_OFF, 9, SmallKnowledge.OUTLET.usually(), SmallKnowledge.OUTLET.when());
        KnowledgeBase more = SmallKnowledge.BASE.with(SmallKnowledge.of(List.of(), List.of(), List.of(slower)));
        assertThat(more.checks().get("outlet").minutes()).isEqualTo(9);
        assertThat(more.causes()).isEqualTo(SmallKnowledge.BASE.causes());
    }
}
