package yellowtally.core.diagnosis;

import org.jspecify.annotations.Nullable;

/**
 * Two answers that do not go together under any one cause, or one that does not go with the complaint itself (handbook section
 * 12: clashes are said).
 *
 * @param again the one to take again: without it the rest goes together best
 * @param with what speaks most for what it stands against; {@code null} when no cause of the complaint explains it
 */
public record Clash(Answered again, @Nullable Answered with) {}
