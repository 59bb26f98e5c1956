package yellowtally.server;

import static org.assertj.core.api.Assertions.assertThat;

import org.springframework.boot.web.server.context.WebServerApplicationContext;
import org.springframework.context.ConfigurableApplicationContext;
import yellowtally.server.RunningServer.Answer;
import yellowtally.server.RunningServer.Api;

/** A fleet that no other test has a hand in, empty at first, with its officer signed in. */
final class OwnFleet implements AutoCloseable {

    private final ConfigurableApplicationContext running;
    private final Api api;

    private OwnFleet(ConfigurableApplicationContext running, Api api) {
        this.running = running;
        this.api = api;
    }

    /** One under a name of its own. */
    static OwnFleet empty(String name) {
        ConfigurableApplicationContext running = Applications.start(
                "--server.port=0",
                "--yellowtally.demo=false",
                "--yellowtally.store=mem:" + name,
                "--yellowtally.data=target/" + name);
        String root = "http://127.0.0.1:"
                + ((WebServerApplicationContext) running).getWebServer().getPort();
        Api api = new Api(root, Signed.out());
        Answer set = api.post("/api/set-up", """
                {"id":"%s","fleet":"Hollin Bridge tramway","zone":"Europe/Oslo","lengthUnit":"MM","volumeUnit":"LITRE",
                 "currency":"NOK","officer":"Nell Garth","signInName":"nell","password":"a file for every chain"}""".formatted(RunningServer.id()));
        assertThat(set.status()).as(set.raw().body()).isEqualTo(204);
        return new OwnFleet(running, api);
    }

    Api api() {
        return api;
    }

    @Override
    public void close() {
        running.close();
    }
}
