package yellowtally.server.stores;

import java.util.List;
import java.util.UUID;
import org.springframework.http.HttpStatus;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;
import yellowtally.server.support.FleetRevision;
import yellowtally.server.support.OnceOnly;

/** Orders of tagged parts, and what comes by them. */
@RestController
class PartOrderController {

    private final PartOrders orders;
    private final OnceOnly onceOnly;
    private final FleetRevision revision;

    PartOrderController(PartOrders orders, OnceOnly onceOnly, FleetRevision revision) {
        this.orders = orders;
        this.onceOnly = onceOnly;
        this.revision = revision;
    }

    /** {@code tag} is that of a part of the same sort. */
    @PostMapping("/api/stores/parts/{tag}/orders")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void ordered(@PathVariable String tag, @RequestBody StoresController.NewOrder given) {
        onceOnly.run(given.id(), List.of(tag, given), () -> {
            revision.touchesNone();
            orders.order(given.id(), tag, given.amount(), given.supplier(), given.expectedOn());
        });
    }

    @PostMapping("/api/stores/part-orders/{orderId}/came")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void came(@PathVariable UUID orderId, @RequestBody PartOrders.CameIn given) {
        onceOnly.run(given.id(), List.of(orderId, given), () -> {
            revision.touchesNone();
            orders.came(orderId, given);
        });
    }

    @PostMapping("/api/stores/part-orders/{orderId}/called-off")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void calledOff(@PathVariable UUID orderId, @RequestBody StoresController.CalledOff given) {
        onceOnly.run(given.id(), List.of(orderId, given), () -> {
            revision.touchesNone();
            orders.callOff(orderId);
        });
    }
}
