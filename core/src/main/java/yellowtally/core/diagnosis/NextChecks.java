package yellowtally.core.diagnosis;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import org.jspecify.annotations.Nullable;
import yellowtally.core.settings.Numbers;
import yellowtally.core.stages.Stage;

/**
 * Which check comes next (handbook section 12): what the complaint asks for first; then the look at the very thing, once one
 * cause is likely; else the one that tells most for each minute, where what is open already costs nothing. Nothing runs the saw
 * while something can still be seen on it at rest, without opening it further. Among equals the safest leads.
 */
record NextChecks(KnowledgeBase known, Complaint complaint, List<Check> checks, Finder finder, Numbers numbers) {

    /**
     * Checks worth their minutes, the next one first.
     *
     * @param made codes of the checks that have an answer
     * @param lookAt the cause to look at; {@code null} while none is likely enough
     * @param shown the cause that would stand clear; {@code null} for none
     */
    List<OfferedCheck> offers(
            Belief belief, Set<String> made, Set<Stage> open, @Nullable Cause lookAt, @Nullable Cause shown) {
        List<OfferedCheck> left = checks.stream()
                .filter(check -> !made.contains(check.code()))
                .map(check -> finder.priced(check, belief.bits(check), open))
                .sorted(Comparator.comparingDouble(OfferedCheck::bitsPerMinute).reversed())
                .toList();
        List<OfferedCheck> worth = new ArrayList<>(left.stream()
                .filter(offer -> offer.bits() >= numbers.of(DiagnosisSetting.LEAST_BITS))
                .toList());
        safestOfTheBest(worth);
        if (lookAt != null) {
            left.stream()
                    .filter(offer -> known.looks(lookAt).contains(offer.check().code()))
                    .min(Comparator.comparingDouble(OfferedCheck::minutes))
                    .ifPresent(look -> lead(worth, look));
        }
        restFirst(worth);
        together(left, shown).ifPresent(other -> lead(worth, other));
        firstOfAll(left).ifPresent(first -> lead(worth, first));
        return List.copyOf(worth);
    }

    /** Of these offers those that may be made now, whatever they tell. */
    List<OfferedCheck> allowed(List<OfferedCheck> offers) {
        Optional<OfferedCheck> first = firstOfAll(offers);
        if (first.isPresent()) {
            return List.of(first.get());
        }
        boolean restLeft = offers.stream().anyMatch(NextChecks::atRest);
        return offers.stream()
                .filter(offer -> !(restLeft && offer.check().running()))
                .toList();
    }

    /** Whether the next check is made before a cause stands clear that a look has shown. */
    boolean asksBeforeTheEnd(List<OfferedCheck> offers, Cause shown) {
        return firstOfAll(offers).isPresent() || together(offers, shown).isPresent();
    }

    /** What goes wrong together with the thing that was seen: a dull chain and high gauges, packed fins and a blocked screen. */
    private Optional<OfferedCheck> together(List<OfferedCheck> left, @Nullable Cause shown) {
        Set<String> group = complaint.order().together();
        if (shown == null || known.looks(shown).stream().noneMatch(group::contains)) {
            return Optional.empty();
        }
        return left.stream()
                .filter(offer -> group.contains(offer.check().code()))
                .findFirst();
    }

    private Optional<OfferedCheck> firstOfAll(List<OfferedCheck> left) {
        return complaint.order().first().stream()
                .flatMap(code ->
                        left.stream().filter(offer -> offer.check().code().equals(code)))
                .findFirst();
    }

    private void safestOfTheBest(List<OfferedCheck> worth) {
        if (worth.isEmpty()) {
            return;
        }
        double tie = worth.get(0).bitsPerMinute() * (1 - numbers.of(DiagnosisSetting.TIE) / 100);
        worth.stream()
                .filter(offer -> offer.bitsPerMinute() >= tie)
                .min(Comparator.comparingInt(offer -> offer.check().risk()))
                .ifPresent(safest -> lead(worth, safest));
    }

    /** What runs the saw goes behind the last look that needs no further opening. */
    private static void restFirst(List<OfferedCheck> worth) {
        int lastAtRest = -1;
        for (int i = 0; i < worth.size(); i++) {
            if (atRest(worth.get(i))) {
                lastAtRest = i;
            }
        }
        List<OfferedCheck> running = new ArrayList<>();
        for (int i = 0; i <= lastAtRest; i++) {
            if (worth.get(i).check().running()) {
                running.add(worth.get(i));
            }
        }
        worth.removeAll(running);
        worth.addAll(lastAtRest + 1 - running.size(), running);
    }

    private static boolean atRest(OfferedCheck offer) {
        return !offer.check().running() && offer.openingMinutes() <= 1e-9;
    }

    private static void lead(List<OfferedCheck> worth, OfferedCheck first) {
        worth.removeIf(offer -> offer.check().equals(first.check()));
        worth.add(0, first);
    }
}
