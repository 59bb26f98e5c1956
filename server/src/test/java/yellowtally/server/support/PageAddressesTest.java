package yellowtally.server.support;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Set;
import java.util.TreeSet;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;

/** The server gives the page under the address of every screen that there is, and under no other. */
class PageAddressesTest {

    @Test
    void theScreensAreThoseOfThePage() throws IOException {
        Matcher routes = Pattern.compile("path=\"/([^/\"]+)").matcher(Files.readString(Path.of("../web/src/App.tsx")));
        Set<String> there = new TreeSet<>();
        while (routes.find()) {
            there.add(routes.group(1));
        }
        assertThat(new TreeSet<>(PageAddresses.SCREENS)).isEqualTo(there);
    }
}
