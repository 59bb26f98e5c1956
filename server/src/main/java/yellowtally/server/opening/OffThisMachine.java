package yellowtally.server.opening;

import java.net.InetAddress;
import java.net.UnknownHostException;
import org.springframework.context.ApplicationContextInitializer;
import org.springframework.context.ConfigurableApplicationContext;
import org.springframework.core.Ordered;

/**
 * Off this machine only under TLS: passwords would go through the net as they are typed. A proxy with TLS stands on this machine and
 * asks for what it listens to here.
 */
public class OffThisMachine implements ApplicationContextInitializer<ConfigurableApplicationContext>, Ordered {

    @Override
    public int getOrder() {
        // Before the records are opened.
        return HIGHEST_PRECEDENCE;
    }

    @Override
    public void initialize(ConfigurableApplicationContext application) {
        String listensOn = application.getEnvironment().getProperty("server.address", "");
        String certificate = application.getEnvironment().getProperty("server.ssl.certificate", "");
        if (certificate.isEmpty() && !onThisMachine(listensOn)) {
            throw new StoreUnusable(
                    "It was to listen on " + listensOn + " without TLS.",
                    "Give --tls-cert and --tls-key, or leave --host and have a proxy with TLS on this machine ask for it.");
        }
    }

    /** Nothing given is every address there is. */
    static boolean onThisMachine(String address) {
        try {
            return !address.isBlank() && InetAddress.getByName(address).isLoopbackAddress();
        } catch (UnknownHostException nowhere) {
            return false;
        }
    }
}
