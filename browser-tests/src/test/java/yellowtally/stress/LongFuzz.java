package yellowtally.stress;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import yellowtally.browser.Application;

/** {@code ./benchmark --fuzz N [SEED]}: the fuzz of the tests, as long as wanted. */
final class LongFuzz {

    private LongFuzz() {}

    public static void main(String[] args) throws IOException {
        int rounds = Integer.parseInt(args[0]);
        long seed = args.length > 1 ? Long.parseLong(args[1]) : System.currentTimeMillis();
        Path data = Files.createTempDirectory("yellow-tally-fuzz");
        Fuzz.Result result;
        try (Application application = Application.start(data)) {
            result = new Fuzz(application.address()).run(rounds, seed);
        }
        result.wrong().forEach(System.out::println);
        Files.readAllLines(data.resolve("application.log")).forEach(System.out::println);
        System.out.printf(
                "%,d requests from seed %d: %,d taken, %,d refused, %d wrong%n",
                rounds, seed, result.taken(), result.refused(), result.wrong().size());
        System.exit(result.wrong().isEmpty() ? 0 : 1);
    }
}
