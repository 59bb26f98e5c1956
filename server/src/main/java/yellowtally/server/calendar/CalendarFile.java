package yellowtally.server.calendar;

import java.io.IOException;
import java.io.StringWriter;
import java.time.Instant;
import net.fortuna.ical4j.data.CalendarOutputter;
import net.fortuna.ical4j.model.Calendar;
import net.fortuna.ical4j.model.component.VEvent;
import net.fortuna.ical4j.model.property.DtStamp;
import net.fortuna.ical4j.model.property.ProdId;
import net.fortuna.ical4j.model.property.Uid;
import net.fortuna.ical4j.model.property.XProperty;
import net.fortuna.ical4j.model.property.immutable.ImmutableCalScale;
import net.fortuna.ical4j.model.property.immutable.ImmutableTransp;
import net.fortuna.ical4j.model.property.immutable.ImmutableVersion;

/** A calendar while it is written (RFC 5545). */
final class CalendarFile {

    private final Calendar calendar = new Calendar();
    private final Instant now;

    /** An empty one, as things are now. */
    CalendarFile(String name, Instant now) {
        this.now = now;
        calendar.add(new ProdId("-//Yellow Tally//Schedule//EN"));
        calendar.add(ImmutableVersion.VERSION_2_0);
        calendar.add(ImmutableCalScale.GREGORIAN);
        calendar.add(new XProperty("X-WR-CALNAME", name));
        calendar.add(new XProperty("REFRESH-INTERVAL;VALUE=DURATION", "PT1H"));
    }

    /**
     * Adds an entry.
     *
     * @param id the same for the same thing, so that a calendar program changes its entry instead of adding another
     */
    void add(VEvent event, String id) {
        event.add(new Uid(id + "@yellow-tally"));
        event.replace(new DtStamp(now));
        event.add(ImmutableTransp.TRANSPARENT);
        calendar.add(event);
    }

    /** Checked, and no line longer than the format allows. */
    String text() {
        StringWriter file = new StringWriter();
        try {
            new CalendarOutputter(true).output(calendar, file);
        } catch (IOException e) {
            throw new IllegalStateException(e);
        }
        return file.toString();
    }
}
