package yellowtally.server.support;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.EnumSet;
import java.util.HashSet;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Set;
import java.util.TreeSet;
import java.util.stream.Collectors;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;
import tools.jackson.databind.json.JsonMapper;
import yellowtally.core.steps.Step;

/** The same set is the same text, after whatever start. */
class OrderedSetsTest {

    private final JsonMapper json = json();

    private static JsonMapper json() {
        JsonMapper.Builder builder = JsonMapper.builder();
        new StrictJson().strict().customize(builder);
        return builder.build();
    }

    record Told(Set<Step> steps, Set<String> tags) {}

    /** Sets that cannot be changed come in an order that each start draws anew: of all these some would come the other way round. */
    @ParameterizedTest
    @EnumSource(Step.class)
    void wordsComeInTheirOrder(Step from) {
        Set<Step> steps = EnumSet.range(from, Step.OIL_CARD);
        String names = steps.stream().map(step -> "\"" + step + "\"").collect(Collectors.joining(","));
        assertThat(json.writeValueAsString(new Told(Set.copyOf(steps), Set.of())))
                .isEqualTo("{\"steps\":[" + names + "],\"tags\":[]}");
    }

    @Test
    void anOrderThatSomebodyGaveIsKept() {
        List<String> given = List.of("9", "10", "2");
        assertThat(json.writeValueAsString(new Told(Set.of(), new LinkedHashSet<>(given))))
                .endsWith("[\"9\",\"10\",\"2\"]}");
        assertThat(json.writeValueAsString(new Told(Set.of(), new HashSet<>(given))))
                .endsWith("[\"10\",\"2\",\"9\"]}");
        assertThat(json.writeValueAsString(new Told(Set.of(), new TreeSet<>(given) {
                    private static final long serialVersionUID = 1L;
                })))
                .endsWith("[\"10\",\"2\",\"9\"]}");
    }
}
