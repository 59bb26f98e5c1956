package yellowtally.server.exchange;

import jakarta.servlet.http.HttpServletRequest;
import java.util.UUID;
import org.springframework.stereotype.Component;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;
import yellowtally.server.signin.NotSetUpYet;
import yellowtally.server.support.TakesFiles;

/** A whole fleet is brought in before the set-up, which then goes on with one of its officers. */
@RestController
class BringInController {

    private static final String ADDRESS = "/api/set-up/fleet-file";

    private final BringIn bringIn;
    private final NotSetUpYet notSetUpYet;

    BringInController(BringIn bringIn, NotSetUpYet notSetUpYet) {
        this.bringIn = bringIn;
        this.notSetUpYet = notSetUpYet;
    }

    /**
     * What was brought in.
     *
     * @param fleet what it was called; "" when it never had a name
     * @param zone of its days; "" likewise
     * @param rows how many rows of records
     * @param seal the end of the row of seals, as it is printed
     */
    record BroughtIn(String fleet, String zone, long rows, String seal) {}

    /** How many rows of a file that is being read are read. */
    record BringingIn(long rows) {}

    /** The body is the file. */
    @PostMapping(ADDRESS)
    BroughtIn bringIn(@RequestParam UUID id, HttpServletRequest request) {
        notSetUpYet.orRefuse(request);
        FleetFileReader.Read read = bringIn.bringIn(id, TakesFiles.file(request));
        return new BroughtIn(
                read.head().fleet(),
                read.head().zone(),
                read.rows(),
                read.head().seal());
    }

    @GetMapping(ADDRESS)
    BringingIn underWay(HttpServletRequest request) {
        notSetUpYet.orRefuse(request);
        return new BringingIn(bringIn.rows());
    }

    /** Only while the set-up is to come, and from the machine itself. */
    @Component
    static class TakesFleetFile extends TakesFiles {

        private final NotSetUpYet notSetUpYet;

        TakesFleetFile(NotSetUpYet notSetUpYet) {
            super(ADDRESS, 2L * 1024 * 1024 * 1024);
            this.notSetUpYet = notSetUpYet;
        }

        @Override
        protected boolean open(HttpServletRequest request) {
            return notSetUpYet.here(request);
        }
    }
}
