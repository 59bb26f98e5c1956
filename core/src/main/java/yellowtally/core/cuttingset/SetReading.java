package yellowtally.core.cuttingset;

import java.util.Set;
import org.jspecify.annotations.Nullable;

/** What {@link SetText} made of a text: the figures of a set, or why there are none. */
public sealed interface SetReading {

    /**
     * The figures of a bar, of the loop that it asks for, and of the sprocket that drives it.
     *
     * @param sprocket {@code null} where no teeth were told
     */
    record Read(BarSpec bar, LoopSpec loop, @Nullable SprocketSpec sprocket) implements SetReading {}

    /**
     * Figures that are missing, or a word that says nothing.
     *
     * @param missing what was not told
     * @param unread the first word that could not be read; {@code null} where all could
     */
    record Refused(Set<Figure> missing, @Nullable String unread) implements SetReading {

        public Refused {
            missing = Set.copyOf(missing);
        }
    }

    /** What a set is named by. */
    enum Figure {
        LENGTH,
        PITCH,
        GAUGE,
        DRIVE_LINKS
    }
}
