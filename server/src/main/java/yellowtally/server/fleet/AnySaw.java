package yellowtally.server.fleet;

import java.util.UUID;

/** A saw, as a row that may be edited or as a value that may be kept: whose settings and card are asked for. */
public interface AnySaw {

    UUID id();

    String tag();

    SawDetails details();
}
