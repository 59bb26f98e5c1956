package yellowtally.core.diagnosis;

/**
 * Two answers that do not go together under any one cause (handbook section 12: clashes are said).
 *
 * @param one of them
 * @param other the other
 * @param again the one of the two to take again: without it the rest goes together best
 */
public record Clash(Answered one, Answered other, Answered again) {}
