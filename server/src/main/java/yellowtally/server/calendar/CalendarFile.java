package yellowtally.server.calendar;

import java.io.IOException;
import java.io.StringWriter;
import net.fortuna.ical4j.data.CalendarOutputter;
import net.fortuna.ical4j.model.Calendar;
import net.fortuna.ical4j.model.component.VEvent;
import net.fortuna.ical4j.model.property.ProdId;
import net.fortuna.ical4j.model.property.XProperty;
import net.fortuna.ical4j.model.property.immutable.ImmutableCalScale;
import net.fortuna.ical4j.model.property.immutable.ImmutableVersion;

/** A calendar while it is written (RFC 5545). */
final class CalendarFile {

    private final Calendar calendar = new Calendar();

    /** An empty one. */
    CalendarFile(String name) {
        calendar.add(new ProdId("-//Yellow Tally//Schedule//EN"));
        calendar.add(ImmutableVersion.VERSION_2_0);
        calendar.add(ImmutableCalScale.GREGORIAN);
        calendar.add(new XProperty("X-WR-CALNAME", name));
        calendar.add(new XProperty("REFRESH-INTERVAL;VALUE=DURATION", "PT1H"));
    }

    void add(VEvent event) {
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
