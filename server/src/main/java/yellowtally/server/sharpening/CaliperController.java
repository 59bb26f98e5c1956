package yellowtally.server.sharpening;

import java.util.ArrayList;
import java.util.List;
import java.util.UUID;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;
import org.springframework.transaction.support.TransactionOperations;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;
import org.springframework.web.servlet.mvc.method.annotation.SseEmitter;
import yellowtally.core.edge.LoopCutters;
import yellowtally.server.fleet.Chain;
import yellowtally.server.fleet.Fleet;
import yellowtally.server.fleet.Saw;
import yellowtally.server.standing.Standings;
import yellowtally.server.support.Refusal;

/** Where calipers come in and screens listen; starts and stops the stand-in. */
@RestController
class CaliperController {

    private static final double SHORTER_THAN_NEW_MM = 1.2;

    private final CaliperFeed feed;
    private final SimulatedCaliper simulated;
    private final SharpeningRepository sharpenings;
    private final Fleet fleet;
    private final Standings standings;
    private final EdgeOfLoop edge;
    private final TransactionOperations reading;

    CaliperController(
            CaliperFeed feed,
            SimulatedCaliper simulated,
            SharpeningRepository sharpenings,
            Fleet fleet,
            Standings standings,
            EdgeOfLoop edge,
            TransactionOperations reading) {
        this.feed = feed;
        this.simulated = simulated;
        this.sharpenings = sharpenings;
        this.fleet = fleet;
        this.standings = standings;
        this.edge = edge;
        this.reading = reading;
    }

    /** Which loop the stand-in measures, from which cutter on, before or after filing. */
    record StandIn(UUID sharpeningId, int from, boolean after) {}

    /** Whether the stand-in sends. */
    record CaliperState(boolean running) {}

    @GetMapping(path = "/api/caliper/stream", produces = MediaType.TEXT_EVENT_STREAM_VALUE)
    SseEmitter stream() {
        return feed.listen();
    }

    @PostMapping("/api/caliper/readings")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void reading(@RequestBody CaliperMessage message) {
        feed.accept(message);
    }

    @GetMapping("/api/caliper")
    CaliperState state() {
        return new CaliperState(simulated.running());
    }

    @PostMapping("/api/caliper/start")
    CaliperState start(@RequestBody StandIn given) {
        simulated.start(reading.execute(status -> loop(given)));
        return state();
    }

    @PostMapping("/api/caliper/stop")
    CaliperState stop() {
        simulated.stop();
        return state();
    }

    private SimulatedCaliper.Loop loop(StandIn given) {
        Sharpening open = sharpenings
                .findById(given.sharpeningId())
                .filter(Sharpening::open)
                .orElseThrow(() -> Refusal.conflict("", "sharpening.ended"));
        Saw saw = fleet.saw(fleet.tag(open.sawId()));
        Chain chain = fleet.set(saw).chain();
        if (chain == null) {
            throw Refusal.conflict("", "sharpening.noLoop", saw.tag());
        }
        LoopCutters known = edge.known(standings.of(saw));
        Double latest = known.latestMm();
        double longest = latest == null ? known.newMm() - SHORTER_THAN_NEW_MM : latest + 0.4;
        List<Integer> strokes = new ArrayList<>();
        for (int place = 0; given.after() && place < chain.cutters(); place++) {
            Integer made = open.cutter(place).strokes();
            strokes.add(made == null ? 0 : made);
        }
        return new SimulatedCaliper.Loop(
                chain.id(), Math.min(longest, known.newMm()), given.from(), chain.cutters(), strokes);
    }
}
