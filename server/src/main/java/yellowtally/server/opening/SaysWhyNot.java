package yellowtally.server.opening;

import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.boot.SpringBootExceptionReporter;

/** Says in a sentence or two why the application does not start, without the pages of code behind it. */
public class SaysWhyNot implements SpringBootExceptionReporter {

    private static final Logger LOG = LoggerFactory.getLogger(SaysWhyNot.class);

    @Override
    public boolean reportException(Throwable failure) {
        for (Throwable cause = failure; cause != null; cause = cause.getCause()) {
            if (cause instanceof StoreUnusable unusable) {
                LOG.error("Yellow Tally did not start. {} {}", unusable.getMessage(), unusable.whatToDo());
                return true;
            }
        }
        return false;
    }
}
