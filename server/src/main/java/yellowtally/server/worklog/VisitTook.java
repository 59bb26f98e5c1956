package yellowtally.server.worklog;

import java.util.Collection;
import yellowtally.core.minutes.VisitTimes;

/**
 * What a visit took, as screens say it.
 *
 * @param estimated minutes of what was done
 * @param told minutes of it about which the moments of the records tell something
 * @param taken minutes that these took (est.)
 * @param breaks minutes of breaks, which are left out
 */
public record VisitTook(double estimated, double told, double taken, double breaks) {

    /** The same without what each step took. */
    public static VisitTook of(VisitTimes times) {
        return new VisitTook(times.estimated(), times.told(), times.taken(), times.breaks());
    }

    /** What several took together. */
    public static VisitTook sum(Collection<VisitTook> visits) {
        return visits.stream()
                .reduce(
                        new VisitTook(0, 0, 0, 0),
                        (one, other) -> new VisitTook(
                                one.estimated + other.estimated,
                                one.told + other.told,
                                one.taken + other.taken,
                                one.breaks + other.breaks));
    }
}
