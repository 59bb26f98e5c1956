package yellowtally.server.doors;

import java.io.IOException;
import java.nio.file.Path;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.stereotype.Component;
import yellowtally.server.support.ScratchFolder;

/** Where files lie that are being sent, until their request is over. */
@Component
class Incoming {

    private final ScratchFolder folder;

    Incoming(@Value("${yellowtally.data}") Path data) throws IOException {
        this.folder = new ScratchFolder(data.resolve("incoming"));
    }

    /** A new file, empty. */
    Path file() throws IOException {
        return folder.file();
    }
}
