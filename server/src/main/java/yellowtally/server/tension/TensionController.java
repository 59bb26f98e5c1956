package yellowtally.server.tension;

import java.util.List;
import org.jspecify.annotations.Nullable;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RestController;
import yellowtally.core.tension.CommonScale;
import yellowtally.core.tension.ReadingRefusal;
import yellowtally.core.tension.TensionEntry;
import yellowtally.core.tension.TensionJudge;
import yellowtally.core.tension.TensionJudgement;
import yellowtally.core.tension.TensionVerdict;
import yellowtally.core.tension.Work;
import yellowtally.server.fleet.Fleet;
import yellowtally.server.fleet.Saw;
import yellowtally.server.settings.FleetSettings;
import yellowtally.server.settings.HouseRules;
import yellowtally.server.support.OfSaw;
import yellowtally.server.support.OnceOnly;
import yellowtally.server.support.Refusal;
import yellowtally.server.support.Sentences;
import yellowtally.server.support.Violations;

/** Tension at the bench: preview a reading, save a check, release a held saw, read the history. */
@RestController
class TensionController {

    private final Fleet fleet;
    private final FleetSettings settings;
    private final TensionChecks checks;
    private final TensionPages pages;
    private final OnceOnly onceOnly;
    private final Sentences sentences;

    TensionController(
            Fleet fleet,
            FleetSettings settings,
            TensionChecks checks,
            TensionPages pages,
            OnceOnly onceOnly,
            Sentences sentences) {
        this.fleet = fleet;
        this.settings = settings;
        this.checks = checks;
        this.pages = pages;
        this.onceOnly = onceOnly;
        this.sentences = sentences;
    }

    /** A reading to look at; nothing is stored. */
    record PreviewQuestion(Work work, ReadingInput reading) {}

    /**
     * What the reading means.
     *
     * @param refusals what is wrong with it, in words; then there is no verdict
     * @param figure the figure as understood, mm or degrees
     * @param passes whether the check may be saved with it as it is
     */
    record PreviewAnswer(
            CommonScale scale,
            @Nullable TensionVerdict verdict,
            @Nullable Double figure,
            boolean passes,
            List<SaidRefusal> refusals) {}

    /** A refusal and its sentence. */
    record SaidRefusal(String field, String code, String sentence) {}

    @GetMapping("/api/saws/{tag}/tension")
    TensionPages.TensionPage page(@PathVariable String tag) {
        return pages.of(tag);
    }

    @PostMapping("/api/saws/{tag}/tension/preview")
    PreviewAnswer preview(@PathVariable String tag, @RequestBody PreviewQuestion question) {
        HouseRules rules = settings.rules();
        Saw saw = fleet.sawInService(tag);
        CheckSubject on = CheckSubject.of(saw, fleet.set(saw), question.work(), rules.numbers());
        CommonScale scale = CommonScale.of(on.subject(), question.reading().method(), rules.numbers());
        Violations wrong = new Violations();
        TensionEntry entry = question.reading().entry("reading", rules.lengthUnit(), wrong);
        if (entry == null || wrong.found()) {
            return new PreviewAnswer(scale, null, null, false, said(wrong));
        }
        TensionJudgement judgement = TensionJudge.judge(on.subject(), entry, rules.numbers());
        Double figure =
                entry.reading().figure().isPresent() ? entry.reading().figure().getAsDouble() : null;
        if (judgement instanceof ReadingRefusal refusal) {
            ReadingInput.refuse("reading.value", refusal, wrong);
            return new PreviewAnswer(scale, null, figure, false, said(wrong));
        }
        TensionVerdict verdict = (TensionVerdict) judgement;
        return new PreviewAnswer(scale, verdict, figure, verdict.passes(), List.of());
    }

    @PostMapping("/api/saws/{tag}/tension-checks")
    TensionChecks.SavedCheck save(@PathVariable String tag, @RequestBody TensionChecks.NewCheck given) {
        onceOnly.run(given.id(), new OfSaw(tag, given), () -> checks.save(tag, given));
        return checks.saved(tag, given.id());
    }

    private List<SaidRefusal> said(Violations wrong) {
        return wrong.faults().stream()
                .map((Refusal.Fault fault) -> new SaidRefusal(fault.field(), fault.code(), sentences.of(fault)))
                .toList();
    }
}
