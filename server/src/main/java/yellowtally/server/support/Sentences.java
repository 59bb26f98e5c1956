package yellowtally.server.support;

import java.util.Locale;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.context.MessageSource;
import org.springframework.stereotype.Component;

/** The sentence for a code; one place per language, {@code problems.properties}. */
@Component
public class Sentences {

    private static final int LONGEST = 150;

    /** What is not there is asked for in the words of its field, where it has any. */
    private static final String MISSING = "missing";

    private static final Logger LOG = LoggerFactory.getLogger(Sentences.class);

    private final MessageSource messages;
    private final HouseUnits house;

    public Sentences(MessageSource messages, HouseUnits house) {
        this.messages = messages;
        this.house = house;
    }

    /** The sentence of a fault. A code without a sentence is an error in the program. */
    public String of(Refusal.Fault fault) {
        Object[] figures = figures(fault);
        if (fault.code().equals(MISSING)) {
            String own = messages.getMessage(MISSING + "." + leaf(fault.field()), figures, "", Locale.ENGLISH);
            if (own != null && !own.isEmpty()) {
                return own;
            }
        }
        return messages.getMessage(fault.code(), figures, Locale.ENGLISH);
    }

    /** The same for whoever only reads: one that says that nothing was saved stands a second time, with {@code .read}, without it. */
    String toReader(Refusal.Fault fault) {
        String own = messages.getMessage(fault.code() + ".read", figures(fault), "", Locale.ENGLISH);
        return own == null || own.isEmpty() ? of(fault) : own;
    }

    private Object[] figures(Refusal.Fault fault) {
        return fault.figures().stream().map(this::told).toArray();
    }

    private static String leaf(String field) {
        return field.substring(field.lastIndexOf('.') + 1);
    }

    private Object told(Object figure) {
        return figure instanceof Said said ? said.in(units()) : cut(figure);
    }

    /** A refusal is told even where the choice of the fleet cannot be read. */
    private HouseUnits units() {
        try {
            house.lengthUnit();
            return house;
        } catch (RuntimeException e) {
            LOG.warn("The units of the fleet cannot be read: {}", e.getMessage());
            return HouseUnits.METRIC;
        }
    }

    /** What somebody sent is told back as far as a person reads it. */
    private static Object cut(Object figure) {
        return figure instanceof String text && text.length() > LONGEST ? text.substring(0, LONGEST) + "…" : figure;
    }
}
