package yellowtally.server.support;

import java.util.Locale;
import org.springframework.context.MessageSource;
import org.springframework.stereotype.Component;

/** The sentence for a code; one place per language, {@code problems.properties}. */
@Component
public class Sentences {

    private static final int LONGEST = 150;

    private final MessageSource messages;

    public Sentences(MessageSource messages) {
        this.messages = messages;
    }

    /** The sentence of a fault. A code without a sentence is an error in the program. */
    public String of(Refusal.Fault fault) {
        Object[] figures = fault.figures().stream().map(Sentences::cut).toArray();
        return messages.getMessage(fault.code(), figures, Locale.ENGLISH);
    }

    /** What somebody sent is told back as far as a person reads it. */
    private static Object cut(Object figure) {
        return figure instanceof String text && text.length() > LONGEST ? text.substring(0, LONGEST) + "…" : figure;
    }
}
