package yellowtally.core.visit;

import yellowtally.core.schedule.Task;

/**
 * A task that is not due yet and whose stage is open anyway (handbook section 10).
 *
 * @param savedMinutes minutes of opening and closing that a visit of its own would cost
 */
public record RideAlong(Task task, double savedMinutes) {}
