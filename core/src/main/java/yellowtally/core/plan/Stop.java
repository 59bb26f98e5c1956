package yellowtally.core.plan;

import java.util.List;

/**
 * A visit to the bench within the course of one saw.
 *
 * @param day 0 is today
 * @param chores what is done, what rides along last
 * @param riding how many of them ride along: not due yet, their stages open anyway, and due within the plan
 * @param minutes with opening and closing, each stage once
 */
public record Stop(int day, List<Chore> chores, int riding, double minutes) {

    public Stop {
        chores = List.copyOf(chores);
    }
}
