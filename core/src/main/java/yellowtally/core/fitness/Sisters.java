package yellowtally.core.fitness;

import yellowtally.core.oiling.ProvenOil;
import yellowtally.core.tension.SisterPaces;

/**
 * What is known of a saw by others like it.
 *
 * @param paces how fast loops of its pitch take up (handbook section 3)
 * @param oil what saws of its model used while they oiled well, its own use among it or not (handbook section 7)
 */
public record Sisters(SisterPaces paces, ProvenOil oil) {

    /** No others known. */
    public static final Sisters NONE = new Sisters(SisterPaces.NONE, ProvenOil.NONE);
}
