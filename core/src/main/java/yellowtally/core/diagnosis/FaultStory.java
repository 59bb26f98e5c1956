package yellowtally.core.diagnosis;

import java.time.Instant;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import org.jspecify.annotations.Nullable;
import yellowtally.core.oiling.LeakWatch;

/**
 * A fault as its records tell it.
 *
 * @param answers that stand, in their order: what was taken back is out
 * @param doubted when what stood of a check was doubted last, by its code
 * @param sortedAs code of the complaint that it was sorted as; {@code null} while nobody has
 * @param settled codes of the causes that were put right and proved, after which the complaint was still there
 * @param tried codes of the causes that were not it
 * @param cause code of the cause found; {@code null} while it is looked for
 * @param causeAt when it was found
 * @param mechanicAt when it went to a mechanic; {@code null} when it did not
 * @param putRightAt when it came back from the mechanic put right, as they say; {@code null} when it did not
 * @param stoodAt when it was stood on card last; {@code null} for never
 * @param looks at the card
 * @param closedAt {@code null} while it is open
 * @param proven whether it was closed with its proof; not when it was not confirmed, or entered by mistake
 */
public record FaultStory(
        List<FaultEvent> answers,
        Map<String, Instant> doubted,
        @Nullable String sortedAs,
        Set<String> settled,
        Set<String> tried,
        @Nullable String cause,
        @Nullable Instant causeAt,
        @Nullable Instant mechanicAt,
        @Nullable Instant putRightAt,
        @Nullable Instant stoodAt,
        List<LeakWatch.Look> looks,
        @Nullable Instant closedAt,
        boolean proven) {

    public FaultStory {
        answers = List.copyOf(answers);
        doubted = Map.copyOf(doubted);
        settled = Set.copyOf(settled);
        tried = Set.copyOf(tried);
        looks = List.copyOf(looks);
    }

    /** Code of the complaint by now: what it was told as, or what words were sorted as. */
    public String complaint(String told) {
        return sortedAs == null ? told : sortedAs;
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
        Map<String, Instant> doubted = new HashMap<>();
        Set<String> settled = new HashSet<>();
        Set<String> tried = new HashSet<>();
        String sortedAs = null;
        String cause = null;
        Instant causeAt = null;
        Instant mechanicAt = null;
        Instant putRightAt = null;
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
                    tried.remove(String.valueOf(event.cause()));
                    settled.remove(String.valueOf(event.cause()));
                    cause = event.cause();
                    causeAt = event.at();
                    putRightAt = null;
                }
                case DOUBTED -> {
                    String check = String.valueOf(event.check());
                    doubted.put(check, event.at());
                    answers.removeIf(given -> check.equals(given.check()));
                }
                case SORTED -> sortedAs = event.cause();
                case STILL_THERE -> {
                    if (cause != null) {
                        settled.add(cause);
                    }
                    cause = null;
                    causeAt = null;
                    mechanicAt = null;
                    putRightAt = null;
                }
                case CAUSE_DROPPED -> {
                    if (cause != null) {
                        tried.add(cause);
                    }
                    cause = null;
                    causeAt = null;
                    mechanicAt = null;
                    putRightAt = null;
                }
                case TO_MECHANIC -> {
                    mechanicAt = event.at();
                    putRightAt = null;
                }
                case FROM_MECHANIC -> putRightAt = event.at();
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
        return new FaultStory(
                answers,
                doubted,
                sortedAs,
                settled,
                tried,
                cause,
                causeAt,
                mechanicAt,
                putRightAt,
                stoodAt,
                looks,
                closedAt,
                proven);
    }
}
