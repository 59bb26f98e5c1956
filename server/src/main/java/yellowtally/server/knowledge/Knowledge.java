package yellowtally.server.knowledge;

import java.nio.file.Path;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import org.jspecify.annotations.Nullable;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.stereotype.Component;
import yellowtally.core.diagnosis.Cause;
import yellowtally.core.diagnosis.Complaint;
import yellowtally.core.diagnosis.KnowledgeBase;
import yellowtally.core.diagnosis.KnowledgeFaults;
import yellowtally.core.diagnosis.KnowledgeFaults.KnowledgeFault;
import yellowtally.core.steps.Step;
import yellowtally.server.support.Refusal;
import yellowtally.server.support.Sentences;

/**
 * What is known of faults. An officer's own files in the folder {@code knowledge} beside the records add to what ships; when
 * something is wrong with them, what ships stands alone and the whole list of what is wrong is told.
 */
@Component
public class Knowledge {

    private static final Complaint TOLD =
            new Complaint(Complaint.TOLD, "Complaint in words", false, Step.OUTSIDE_LOOK, Set.of(), Map.of());

    private static final Logger LOG = LoggerFactory.getLogger(Knowledge.class);

    private final Path folder;
    private final Sentences sentences;
    private @Nullable Read read;

    Knowledge(@Value("${yellowtally.data:./data}") String data, Sentences sentences) {
        this.folder = Path.of(data, "knowledge");
        this.sentences = sentences;
    }

    /** What was read, and what is wrong with the officer's own part of it. */
    private record Read(KnowledgeBase base, List<String> problems) {}

    /** Read when it is first asked for: the first page of the day does not wait for it. */
    private synchronized Read read() {
        if (read == null) {
            read = readAll();
            read.problems().forEach(problem -> LOG.warn("Own knowledge of faults is not used: {}", problem));
        }
        return read;
    }

    private Read readAll() {
        KnowledgeBase shipped = KnowledgeReader.shipped();
        try {
            KnowledgeBase both = shipped.with(KnowledgeReader.own(folder, shipped));
            // Walking every complaint on every kind of saw takes seconds: only where somebody has added something.
            List<KnowledgeFault> faults = both.equals(shipped) ? List.of() : KnowledgeFaults.of(both);
            List<String> wrong = faults.stream()
                    .map(fault -> sentences.of(
                            Refusal.Fault.of("", "knowledge." + fault.kind(), fault.where(), fault.what())))
                    .toList();
            return new Read(wrong.isEmpty() ? both : shipped, wrong);
        } catch (KnowledgeReader.Unreadable e) {
            return new Read(shipped, List.of(String.valueOf(e.getMessage())));
        }
    }

    /** Everything that is known. */
    public KnowledgeBase base() {
        return read().base();
    }

    /** What is wrong with the officer's own files, in sentences; empty when they are used, or there are none. */
    public List<String> problems() {
        return read().problems();
    }

    /** A complaint that may be made now. */
    public Optional<Complaint> offered(String code) {
        return base().complaint(code);
    }

    /** A complaint on record; one told in words is not sorted yet, one that is known no more goes on under its code, so that its fault can be ended. */
    public Complaint complaint(String code) {
        return code.equals(Complaint.TOLD)
                ? TOLD
                : base().complaint(code)
                        .orElseGet(() -> new Complaint(code, code, false, Step.OUTSIDE_LOOK, Set.of(), Map.of()));
    }

    /** A cause on record; {@code null} for none, or when it is known no more. */
    public @Nullable Cause cause(@Nullable String code) {
        return code == null ? null : base().causes().get(code);
    }

    /** What a cause on record is called; its code when it is known no more. */
    public String causeTitle(String code) {
        Cause cause = cause(code);
        return cause == null ? code : cause.title();
    }
}
