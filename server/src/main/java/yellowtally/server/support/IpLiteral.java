package yellowtally.server.support;

import java.net.InetAddress;
import java.net.UnknownHostException;
import java.util.Optional;
import java.util.regex.Pattern;

/** Reads an address of the internet that is written in figures; a name is none and is never looked up. */
public final class IpLiteral {

    private static final Pattern FORM =
            Pattern.compile("[0-9.]+|\\[[0-9a-fA-F:.]+]|[0-9a-fA-F.]*:[0-9a-fA-F:.]*(%\\w+)?");

    private IpLiteral() {}

    /** Empty where the text is no address in figures. */
    public static Optional<InetAddress> read(String text) {
        try {
            return FORM.matcher(text).matches() ? Optional.of(InetAddress.getByName(text)) : Optional.empty();
        } catch (UnknownHostException e) {
            return Optional.empty();
        }
    }

    /** Whether it is an address of the machine itself. */
    public static boolean isLoopback(String text) {
        return read(text).filter(InetAddress::isLoopbackAddress).isPresent();
    }
}
