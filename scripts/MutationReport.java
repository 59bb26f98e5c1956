import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeMap;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/**
 * Reads what the mutation run wrote: the share of killed mutants of each room, and every mutant that lives and is not excused.
 *
 * <p>Excused are those in a list of lines "Class.method Mutator n: reason": n mutants of that kind in that method live because
 * what they change cannot matter. Excused ones do not count as killed.
 */
final class MutationReport {

    private static final double CORE_LIMIT = 85;

    /** Rooms on which it hangs whether a saw may go out. */
    private static final Map<String, Double> ROOM_LIMITS = Map.of(
            "tension", 90.0, "fitness", 90.0, "waiting", 90.0, "log", 90.0, "visit", 90.0, "brake", 90.0, "schedule", 90.0);

    private static final Set<String> NOTICED = Set.of("KILLED", "TIMED_OUT", "MEMORY_ERROR", "RUN_ERROR");
    private static final Pattern EXCUSE = Pattern.compile("(\\S+ \\S+) (\\d+): \\S.*");

    /** Mutants of a room. */
    private static final class Tally {
        private int all;
        private int killed;
        private int excused;

        double share() {
            return 100.0 * killed / all;
        }
    }

    private MutationReport() {}

    public static void main(String[] args) throws IOException {
        Map<String, Integer> excuses = excuses(Path.of(args[1]));
        Map<String, Tally> rooms = new TreeMap<>();
        List<String> lives = new ArrayList<>();
        for (String line : Files.readAllLines(Path.of(args[0]))) {
            // File, class, mutator, method, line, status, killing test.
            String[] cell = line.split(",", -1);
            String[] inCore = cell[1].replaceFirst("^yellowtally\\.core\\.", "").split("\\.");
            Tally room = rooms.computeIfAbsent(inCore[0], name -> new Tally());
            String mutant = inCore[inCore.length - 1] + "." + cell[3] + " "
                    + cell[2].replaceFirst(".*\\.", "").replaceFirst("Mutator$", "");
            room.all++;
            if (NOTICED.contains(cell[5])) {
                room.killed++;
            } else if (excuses.merge(mutant, -1, Integer::sum) >= 0) {
                room.excused++;
            } else {
                lives.add("lives  " + inCore[0] + "  " + mutant + "  line " + cell[4]
                        + (cell[5].equals("NO_COVERAGE") ? ", never run" : ""));
            }
        }
        lives.stream().sorted().forEach(System.out::println);
        System.exit(printed(rooms) ? 0 : 1);
    }

    private static Map<String, Integer> excuses(Path list) throws IOException {
        Map<String, Integer> excuses = new HashMap<>();
        for (String line : Files.readAllLines(list)) {
            Matcher excuse = EXCUSE.matcher(line);
            if (excuse.matches()) {
                excuses.merge(excuse.group(1), Integer.parseInt(excuse.group(2)), Integer::sum);
            }
        }
        return excuses;
    }

    /** Prints the table; whether every limit is kept. */
    private static boolean printed(Map<String, Tally> rooms) {
        Tally core = new Tally();
        boolean kept = true;
        for (Map.Entry<String, Tally> entry : rooms.entrySet()) {
            Tally room = entry.getValue();
            core.all += room.all;
            core.killed += room.killed;
            core.excused += room.excused;
            kept &= print(entry.getKey(), room, ROOM_LIMITS.get(entry.getKey()));
        }
        return (rooms.size() == 1 || print("core", core, CORE_LIMIT)) && kept;
    }

    private static boolean print(String name, Tally room, Double limit) {
        System.out.printf(
                "%-12s %5d of %5d killed  %5.1f %%%s%s%n",
                name,
                room.killed,
                room.all,
                room.share(),
                room.excused == 0 ? "" : "  " + room.excused + " excused",
                limit == null ? "" : "  limit " + Math.round(limit) + " %");
        return limit == null || room.share() >= limit;
    }
}
