package yellowtally.server.visit;

import java.time.Instant;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.http.HttpStatus;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;
import yellowtally.core.judging.StepVerdict;
import yellowtally.core.steps.Measure;
import yellowtally.core.steps.Step;
import yellowtally.server.holds.Corrections;
import yellowtally.server.people.People;
import yellowtally.server.people.Person;
import yellowtally.server.support.OfSaw;
import yellowtally.server.support.OnceOnly;
import yellowtally.server.support.Refusal;
import yellowtally.server.support.Sentences;
import yellowtally.server.support.Violations;

/** Records of single steps: look at what a report means, store it, strike one out. */
@RestController
class RecordController {

    private final StepRecorder recorder;
    private final People people;
    private final Strikes strikes;
    private final OnceOnly onceOnly;
    private final Sentences sentences;

    RecordController(StepRecorder recorder, People people, Strikes strikes, OnceOnly onceOnly, Sentences sentences) {
        this.recorder = recorder;
        this.people = people;
        this.strikes = strikes;
        this.onceOnly = onceOnly;
        this.sentences = sentences;
    }

    /** A report to look at; nothing is stored. */
    record StepQuestion(Step step, StepInput input, boolean noted) {}

    /** What it means, or what is wrong with it in words; {@code figures} as they were understood. */
    record StepAnswer(
            @Nullable StepVerdict verdict, Map<Measure, Double> figures, List<Doubt> doubts, List<Said> wrong) {}

    /** A figure that is better than the last one, with nothing done that could have bettered it. */
    record Doubt(Measure measure, double figure, double before, Instant beforeAt) {}

    /** Something wrong and its sentence. */
    record Said(String field, String code, String sentence) {}

    /** A record that was wrong. */
    record Strike(UUID id, String reason) {}

    @PostMapping("/api/saws/{tag}/records/preview")
    StepAnswer preview(@PathVariable String tag, @RequestBody StepQuestion question) {
        StepRecorder.Judged judged = recorder.judge(tag, question.step(), question.input(), question.noted());
        return new StepAnswer(
                judged.verdict(),
                judged.report().figures(),
                judged.doubts().stream()
                        .map(doubt -> new Doubt(
                                doubt.measure(),
                                doubt.figure(),
                                doubt.before().figure(),
                                doubt.before().at()))
                        .toList(),
                judged.wrong().faults().stream()
                        .map((Refusal.Fault fault) -> new Said(fault.field(), fault.code(), sentences.of(fault)))
                        .toList());
    }

    @PostMapping("/api/saws/{tag}/records")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void save(@PathVariable String tag, @RequestBody NewRecord given) {
        onceOnly.run(given.id(), new OfSaw(tag, given), () -> recorder.save(tag, given));
    }

    @PostMapping("/api/records/{recordId}/strike")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void strike(@PathVariable UUID recordId, @RequestBody Strike given) {
        onceOnly.run(given.id(), new OfRecord(recordId, given), () -> {
            Person person = people.acting();
            strikes.strike(recordId, person, Violations.onlyText("reason", given.reason(), 300));
        });
    }

    /** What striking a record out would do to its saw; nothing is done. */
    @GetMapping("/api/records/{recordId}/strike")
    Corrections.Effect effect(@PathVariable UUID recordId) {
        return strikes.effect(recordId);
    }

    /** A write and the record it is for. */
    record OfRecord(UUID recordId, Object given) {}
}
