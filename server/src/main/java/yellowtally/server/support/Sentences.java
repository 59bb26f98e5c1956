package yellowtally.server.support;

import java.util.Locale;
import org.springframework.context.MessageSource;
import org.springframework.stereotype.Component;

/** The sentence for a code; one place per language, {@code problems.properties}. */
@Component
public class Sentences {

    private final MessageSource messages;

    public Sentences(MessageSource messages) {
        this.messages = messages;
    }

    /** The sentence of a fault. A code without a sentence is an error in the program. */
    public String of(Refusal.Fault fault) {
        return messages.getMessage(fault.code(), fault.figures().toArray(), Locale.ENGLISH);
    }
}
