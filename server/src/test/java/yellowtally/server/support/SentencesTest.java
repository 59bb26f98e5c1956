package yellowtally.server.support;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Arrays;
import java.util.List;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import org.junit.jupiter.params.provider.ValueSource;
import org.springframework.context.support.ResourceBundleMessageSource;
import yellowtally.core.holds.Need.NeedKind;
import yellowtally.core.steps.Finding;
import yellowtally.core.steps.Step;
import yellowtally.core.waiting.FindingHolds.FindingHoldMatter;
import yellowtally.core.waiting.TaskWaits.TaskMatter;
import yellowtally.core.waiting.TensionWaits;
import yellowtally.core.waiting.TensionWaits.TensionMatter;
import yellowtally.core.waiting.Urgency;

/** Whatever can keep a saw in has a sentence: a refusal without one would be no refusal but a failure of the program. */
class SentencesTest {

    private static final Sentences SENTENCES = new Sentences(messages(), HouseUnits.METRIC);

    private static ResourceBundleMessageSource messages() {
        ResourceBundleMessageSource source = new ResourceBundleMessageSource();
        source.setBasename("problems");
        source.setDefaultEncoding("UTF-8");
        return source;
    }

    static Stream<String> codes() {
        return Stream.of(
                        Arrays.stream(Finding.values()).filter(Finding::mayFail).map(finding -> "found." + finding),
                        Arrays.stream(Step.values()).map(step -> "prove." + step),
                        Arrays.stream(NeedKind.values()).map(kind -> "need." + kind),
                        Urgency.ORDER.stream()
                                .takeWhile(code -> code != TensionMatter.TOO_TIGHT)
                                .map(code -> "held." + code))
                .flatMap(codes -> codes);
    }

    @ParameterizedTest
    @MethodSource("codes")
    void everythingThatHoldsHasItsSentence(String code) {
        assertThat(SENTENCES.of(Refusal.Fault.of("", code, "x"))).isNotBlank().doesNotContain("{");
    }

    /** What holds comes before all that does not, in the order that the codes above are read from. */
    @Test
    void whatHoldsIsInOrderBeforeTheRest() {
        List<Enum<?>> holding = Urgency.ORDER.stream()
                .takeWhile(code -> code != TensionMatter.TOO_TIGHT)
                .toList();
        assertThat(holding).contains(FindingHoldMatter.FINDING_HOLDS, TaskMatter.BRAKE_OVERDUE);
        assertThat(TensionWaits.of(TensionMatter.TOO_TIGHT).state().name()).isEqualTo("DUE");
    }

    /** What doors, rules and the last resort say to every request, whoever only reads is told without a word of saving. */
    @ParameterizedTest
    @ValueSource(
            strings = {
                "unreadable",
                "unforeseen",
                "door.full",
                "sign.in",
                "rank.READER",
                "rank.OPERATOR",
                "store.DAMAGED"
            })
    void whoeverOnlyReadsHadNothingToSave(String code) {
        Refusal.Fault fault = Refusal.Fault.of("", code);
        assertThat(SENTENCES.of(fault)).contains("saved");
        assertThat(SENTENCES.toReader(fault)).isNotBlank().doesNotContain("saved");
    }

    @Test
    void allElseIsToldToReadersInTheSameWords() {
        Refusal.Fault fault = Refusal.Fault.of("", "saw.unknown", "12");
        assertThat(SENTENCES.toReader(fault)).isEqualTo(SENTENCES.of(fault)).contains("12");
    }
}
