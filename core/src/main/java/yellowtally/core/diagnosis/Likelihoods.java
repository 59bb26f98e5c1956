package yellowtally.core.diagnosis;

import java.util.IdentityHashMap;
import java.util.List;
import java.util.Objects;

/** How likely each answer is, by check, answer and cause in their orders: looked up once, weighed thousands of times. */
final class Likelihoods {

    private final IdentityHashMap<Check, double[][]> byCheck = new IdentityHashMap<>();

    Likelihoods(List<Cause> causes, List<Check> checks) {
        for (Check check : checks) {
            byCheck.put(
                    check,
                    check.answers().keySet().stream()
                            .map(answer -> causes.stream()
                                    .mapToDouble(cause -> check.likelihood(answer, cause.code()))
                                    .toArray())
                            .toArray(double[][]::new));
        }
    }

    /** Mutual information of cause and answer, bits, where the causes have these shares. */
    double bits(Check check, double[] shares) {
        double bits = 0;
        for (double[] under : Objects.requireNonNull(byCheck.get(check))) {
            double expected = 0;
            for (int i = 0; i < under.length; i++) {
                expected += shares[i] * under[i];
            }
            for (int i = 0; i < under.length; i++) {
                if (under[i] > 0 && expected > 0) {
                    bits += shares[i] * under[i] * Math.log(under[i] / expected) / Math.log(2);
                }
            }
        }
        return bits;
    }
}
