package yellowtally.server.standing;

import java.util.EnumSet;
import java.util.Set;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import yellowtally.core.steps.Subject;

/** Whose record something is, seen from the saw as it stands now. */
final class Subjects {

    private Subjects() {}

    static Set<Subject> of(FittedSaw now, UUID saw, @Nullable UUID chain, @Nullable UUID bar, @Nullable UUID sprocket) {
        Set<Subject> subjects = EnumSet.noneOf(Subject.class);
        if (now.saw().id().equals(saw)) {
            subjects.add(Subject.SAW);
        }
        if (now.chain() != null && now.chain().id().equals(chain)) {
            subjects.add(Subject.CHAIN);
        }
        if (now.bar() != null && now.bar().id().equals(bar)) {
            subjects.add(Subject.BAR);
        }
        if (now.sprocket() != null && now.sprocket().id().equals(sprocket)) {
            subjects.add(Subject.SPROCKET);
        }
        return subjects;
    }
}
