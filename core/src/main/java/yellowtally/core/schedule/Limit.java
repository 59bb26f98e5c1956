package yellowtally.core.schedule;

import yellowtally.core.settings.NumberSetting;

/**
 * One limit of a task.
 *
 * @param unit what is counted
 * @param setting how many
 */
public record Limit(UseUnit unit, NumberSetting setting) {}
