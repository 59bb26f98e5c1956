package yellowtally.core.plan;

import java.util.List;

/**
 * A visit to the bench within the course of one saw.
 *
 * @param day 0 is today
 * @param chores what is done, what rides along last
 * @param riding how many of them ride along: not due yet, their stages open anyway, and due within the plan
 * @param urgent whether the saw is held for it until then, or it is overdue in safety
 * @param over how far over its limit what is over most has come, 1 when it just falls due
 * @param minutes with opening and closing, each stage once
 */
public record Stop(int day, List<Chore> chores, int riding, boolean urgent, double over, double minutes) {

    public Stop {
        chores = List.copyOf(chores);
    }
}
