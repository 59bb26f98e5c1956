package yellowtally.server.knowledge;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.springframework.context.support.ResourceBundleMessageSource;
import yellowtally.core.diagnosis.Complaint;
import yellowtally.server.support.HouseUnits;
import yellowtally.server.support.Sentences;

/** An officer's own files beside the records: what they add, and what is said when they are wrong. */
class KnowledgeTest {

    @TempDir
    Path data;

    private void write(String name, String text) throws IOException {
        Files.createDirectories(data.resolve("knowledge"));
        Files.writeString(data.resolve("knowledge").resolve(name), text);
    }

    private Knowledge knowledge() {
        ResourceBundleMessageSource messages = new ResourceBundleMessageSource();
        messages.setBasename("problems");
        return new Knowledge(data.toString(), new Sentences(messages, HouseUnits.METRIC));
    }

    private void addTheMouse(String shares) throws IOException {
        write("complaints.yaml", """
                hot-or-weak:
                  causes: { mouse-in-filter: 1 }
                """);
        write("causes.yaml", """
                mouse-in-filter:
                  title: A mouse has nested in the filter
                  for: [PETROL]
                  steps: [AIR_FILTER]
                """);
        write("checks.yaml", """
                nest-look:
                  title: Is there a nest under the top cover?
                  how: Top cover off, look behind the filter.
                  stage: TOP_COVER_OFF
                  minutes: 1
                  for: [PETROL]
                  answers:
                    nest: { title: A nest, said: there is a nest }
                    none: { title: None, said: there is no nest }
                  usually: { nest: 0.01, none: 0.99 }
                  when:
                    mouse-in-filter: %s
                """.formatted(shares));
    }

    @Test
    void whatAnOfficerAddsIsUsed() throws IOException {
        addTheMouse("{ nest: 0.97, none: 0.03 }");
        Knowledge knowledge = knowledge();
        assertThat(knowledge.problems()).isEmpty();
        Complaint weak = knowledge.offered("hot-or-weak").orElseThrow();
        assertThat(weak.title()).isEqualTo("Runs hot or weak");
        assertThat(weak.causes()).containsEntry("mouse-in-filter", 1.0).containsEntry("air-filter-clogged", 4.0);
        assertThat(knowledge.cause("mouse-in-filter").title()).isEqualTo("A mouse has nested in the filter");
        assertThat(knowledge.offered("runs-dry")).isPresent();
    }

    @Test
    void whenSomethingIsWrongWhatShipsStandsAloneAndTheListIsTold() throws IOException {
        addTheMouse("{ nest: 0.9, none: 0.3 }");
        Knowledge knowledge = knowledge();
        assertThat(knowledge.problems())
                .containsExactly("nest-look: the shares under mouse-in-filter do not sum to one.");
        assertThat(knowledge.offered("hot-or-weak").orElseThrow().causes()).doesNotContainKey("mouse-in-filter");
        assertThat(knowledge.offered("runs-dry")).isPresent();
    }

    @Test
    void aFileThatCannotBeReadIsNamed() throws IOException {
        write("causes.yaml", "loose-screw:\n  title: A loose screw\n  steps: [SCREW_IT]\n");
        assertThat(knowledge().problems()).singleElement().asString().startsWith("causes.yaml, loose-screw:");
        write("causes.yaml", "a: b: c\n  - d");
        assertThat(knowledge().problems()).singleElement().asString().startsWith("causes.yaml:");
        write("causes.yaml", "[just, a, list]");
        assertThat(knowledge().problems()).containsExactly("causes.yaml is not a list of entries.");
    }

    @Test
    void withoutOwnFilesWhatShipsIsUsed() {
        Knowledge knowledge = knowledge();
        assertThat(knowledge.problems()).isEmpty();
        assertThat(knowledge.base()).isEqualTo(KnowledgeReader.shipped());
        assertThat(knowledge.cause("gone")).isNull();
        assertThat(knowledge.complaint("gone").title()).isEqualTo("gone");
    }
}
