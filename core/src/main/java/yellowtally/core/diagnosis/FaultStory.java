package yellowtally.core.diagnosis;

import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import org.jspecify.annotations.Nullable;
import yellowtally.core.oiling.LeakWatch;

/**
 * A fault as its records tell it.
 *
 * @param answers that stand, in their order: what was taken back is out
 * @param cause code of the cause found; {@code null} while it is looked for
 * @param causeAt when it was found
 * @param mechanicAt when it went to a mechanic; {@code null} when it did not
 * @param stoodAt when it was stood on card last; {@code null} for never
 * @param looks at the card
 * @param closedAt {@code null} while it is open
 * @param proven whether it was closed with its proof; not when it was not confirmed, or entered by mistake
 */
public record FaultStory(
        List<FaultEvent> answers,
        @Nullable String cause,
        @Nullable Instant causeAt,
        @Nullable Instant mechanicAt,
        @Nullable Instant stoodAt,
        List<LeakWatch.Look> looks,
        @Nullable Instant closedAt,
        boolean proven) {

    public FaultStory {
        answers = List.copyOf(answers);
        looks = List.copyOf(looks);
    }

    /** The same as the finder takes them: check and answer. */
    public List<Answered> path() {
        return answers.stream()
                .map(event -> new Answered(String.valueOf(event.check()), event.answer()))
                .toList();
    }

    /** Reads the records of one fault, in any order. */
    public static FaultStory of(List<FaultEvent> events) {
        List<FaultEvent> answers = new ArrayList<>();
        List<LeakWatch.Look> looks = new ArrayList<>();
        String cause = null;
        Instant causeAt = null;
        Instant mechanicAt = null;
        Instant stoodAt = null;
        Instant closedAt = null;
        boolean proven = false;
        for (FaultEvent event : events.stream().sorted(FaultEvent.IN_ORDER).toList()) {
            switch (event.kind()) {
                case ANSWERED -> answers.add(event);
                case TAKEN_BACK -> {
                    if (!answers.isEmpty()) {
                        answers.remove(answers.size() - 1);
                    }
                }
                case CAUSE_FOUND -> {
                    cause = event.cause();
                    causeAt = event.at();
                }
                case CAUSE_DROPPED -> {
                    cause = null;
                    causeAt = null;
                    mechanicAt = null;
                }
                case TO_MECHANIC -> mechanicAt = event.at();
                case STOOD -> stoodAt = event.at();
                case LOOKED -> {
                    if (event.wet() != null) {
                        looks.add(new LeakWatch.Look(event.at(), event.wet()));
                    }
                }
                case CLOSED, NOT_CONFIRMED, MISTAKEN -> {
                    closedAt = event.at();
                    proven = event.kind() == FaultEventKind.CLOSED;
                }
            }
        }
        return new FaultStory(answers, cause, causeAt, mechanicAt, stoodAt, looks, closedAt, proven);
    }
}
