package yellowtally.server.signin;

import java.nio.charset.StandardCharsets;
import java.util.Locale;
import java.util.concurrent.Semaphore;
import org.jspecify.annotations.Nullable;
import org.springframework.security.crypto.factory.PasswordEncoderFactories;
import org.springframework.security.crypto.password.PasswordEncoder;
import org.springframework.stereotype.Component;
import yellowtally.server.support.Violations;

/** What only one person knows: what a password and a PIN must be like, and how they are kept and compared. */
@Component
class Secrets {

    /** Fewer can be guessed. */
    static final int SHORTEST = 10;

    /** Bcrypt reads no more. */
    private static final int MOST_BYTES = 72;

    /** Comparing costs a processor for a moment, on purpose: strangers must not take all of them. */
    private final Semaphore atOnce = new Semaphore(2, true);

    private final PasswordEncoder encoder = PasswordEncoderFactories.createDelegatingPasswordEncoder();

    /** What nobody's password is: compared with where there is no such person, so that both take as long. */
    private static final String NOBODYS = "{bcrypt}$2a$10$KYJoRzLEcVD2RSiT.EDzQ.sSYwCCRrE2GGUBoSDB8uG6xGUzoCaE.";

    /** Tells all that is wrong with a password; it is never trimmed. */
    void refusePassword(String field, String given, String signInName, Violations wrong) {
        if (given.codePointCount(0, given.length()) < SHORTEST) {
            wrong.add(field, "password.short", SHORTEST);
        } else if (given.getBytes(StandardCharsets.UTF_8).length > MOST_BYTES) {
            wrong.add(field, "password.long", MOST_BYTES);
        } else if (given.chars().distinct().count() < 5
                || given.toLowerCase(Locale.ROOT).contains(signInName)) {
            wrong.add(field, "password.easy");
        }
    }

    /** Four to eight digits, not all the same and not in a row. */
    static void refusePin(String field, String given, Violations wrong) {
        if (!given.matches("[0-9]{4,8}")) {
            wrong.add(field, "pin.digits");
        } else if (given.chars().distinct().count() == 1
                || "01234567890".contains(given)
                || "09876543210".contains(given)) {
            wrong.add(field, "pin.easy");
        }
    }

    String hashed(String secret) {
        return String.valueOf(encoder.encode(secret));
    }

    /** Whether it is the one that was kept; {@code null} where there is none, which takes as long to find out. */
    boolean matches(String given, @Nullable String kept) {
        atOnce.acquireUninterruptibly();
        try {
            boolean same = encoder.matches(given, kept == null ? NOBODYS : kept);
            return same && kept != null;
        } finally {
            atOnce.release();
        }
    }
}
