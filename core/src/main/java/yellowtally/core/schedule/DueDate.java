package yellowtally.core.schedule;

import java.time.LocalDate;

/**
 * When a task is expected to fall due, if use goes on as it did lately (est.).
 *
 * @param early if use is heavier than it was
 * @param likely at the pace of late
 * @param late if use is lighter
 */
public record DueDate(LocalDate early, LocalDate likely, LocalDate late) {}
