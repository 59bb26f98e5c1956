package yellowtally.server.reminders;

import jakarta.mail.MessagingException;
import jakarta.mail.Session;
import jakarta.mail.internet.InternetAddress;
import jakarta.mail.internet.MimeMessage;
import java.io.IOException;
import java.io.InputStream;
import java.io.OutputStream;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Instant;
import java.time.ZoneOffset;
import java.time.format.DateTimeFormatter;
import java.util.Comparator;
import java.util.Date;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.Properties;
import java.util.stream.Stream;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.stereotype.Component;

/**
 * Where mail goes until it is connected to a mail server: each one a file that any mail program opens. Nothing leaves this machine.
 */
@Component
class Outbox {

    private static final String ENDING = ".eml";
    private static final DateTimeFormatter NAME = DateTimeFormatter.ofPattern(
                    "uuuu-MM-dd'T'HHmmss'.'SSS'Z'", Locale.ROOT)
            .withZone(ZoneOffset.UTC);
    /** A domain that nobody can have. */
    private static final String NOWHERE = "yellow-tally.invalid";

    private final Path folder;
    private final Session session = Session.getInstance(new Properties());

    Outbox(@Value("${yellowtally.data}") Path data) {
        this.folder = data.resolve("outbox");
    }

    /** A mail in the outbox. */
    record Mail(String name, Instant at, String subject, String text) {}

    /** Puts a mail there, whole or not at all. */
    void put(String fleet, String subject, String text, Instant at) throws IOException {
        Files.createDirectories(folder);
        Path being = Files.createTempFile(folder, "being-written", ".tmp");
        try {
            MimeMessage message = new MimeMessage(session);
            message.setFrom(new InternetAddress("bench@" + NOWHERE, "Yellow Tally", StandardCharsets.UTF_8.name()));
            message.setRecipient(
                    MimeMessage.RecipientType.TO,
                    new InternetAddress("officers@" + NOWHERE, "Officers, " + fleet, StandardCharsets.UTF_8.name()));
            message.setSubject(subject, StandardCharsets.UTF_8.name());
            message.setSentDate(Date.from(at));
            message.setText(text, StandardCharsets.UTF_8.name());
            try (OutputStream file = Files.newOutputStream(being)) {
                message.writeTo(file);
            }
            Files.move(being, folder.resolve(NAME.format(at) + ENDING));
        } catch (MessagingException e) {
            throw new IOException(e);
        } finally {
            Files.deleteIfExists(being);
        }
    }

    /** The newest first, so many at most. */
    List<Mail> newest(int most) throws IOException {
        if (!Files.isDirectory(folder)) {
            return List.of();
        }
        try (Stream<Path> files = Files.list(folder)) {
            return files.filter(file -> file.getFileName().toString().endsWith(ENDING))
                    .sorted(Comparator.comparing(Path::getFileName).reversed())
                    .limit(most)
                    .map(Outbox::read)
                    .flatMap(Optional::stream)
                    .toList();
        }
    }

    /** What is no mail, or was taken away meanwhile, is left out. */
    private static Optional<Mail> read(Path file) {
        try (InputStream in = Files.newInputStream(file)) {
            MimeMessage message = new MimeMessage(null, in);
            String name = file.getFileName().toString();
            return message.getSentDate() == null || !(message.getContent() instanceof String text)
                    ? Optional.empty()
                    : Optional.of(new Mail(
                            name,
                            message.getSentDate().toInstant(),
                            Optional.ofNullable(message.getSubject()).orElse(name),
                            text.replace("\r\n", "\n")));
        } catch (IOException | MessagingException e) {
            return Optional.empty();
        }
    }
}
