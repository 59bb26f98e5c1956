package yellowtally.server.sharpening;

import java.io.IOException;
import java.util.Collections;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.concurrent.CopyOnWriteArrayList;
import org.springframework.context.event.ContextClosedEvent;
import org.springframework.context.event.EventListener;
import org.springframework.stereotype.Component;
import org.springframework.web.servlet.mvc.method.annotation.SseEmitter;
import yellowtally.server.support.Refusal;
import yellowtally.server.support.Violations;

/** Passes readings of calipers on to the screens that listen. Keeps none: a reading counts when a screen has stored it. */
@Component
class CaliperFeed {

    private static final long FOR_EVER = 0L;
    private static final int MOST_LISTENERS = 100;
    private static final int MOST_DEVICES = 100;

    private final List<SseEmitter> listeners = new CopyOnWriteArrayList<>();
    private final Map<String, Long> lastSeq = Collections.synchronizedMap(new LatestDevices());

    /** What was heard last of the devices that were heard last; whoever makes up names makes nothing grow. */
    private static final class LatestDevices extends LinkedHashMap<String, Long> {
        private static final long serialVersionUID = 1L;

        @Override
        protected boolean removeEldestEntry(Map.Entry<String, Long> eldest) {
            return size() > MOST_DEVICES;
        }
    }

    /** A screen that listens from now on. */
    SseEmitter listen() {
        if (listeners.size() >= MOST_LISTENERS) {
            throw Refusal.conflict("", "caliper.full");
        }
        SseEmitter emitter = new SseEmitter(FOR_EVER);
        emitter.onCompletion(() -> listeners.remove(emitter));
        emitter.onTimeout(() -> listeners.remove(emitter));
        emitter.onError(e -> listeners.remove(emitter));
        listeners.add(emitter);
        // The screen must know that it listens before it asks a caliper to send.
        send(emitter, "ready", "listening");
        return emitter;
    }

    /** Takes a message of any device; a repeat is dropped, a malformed one refused. */
    void accept(CaliperMessage message) {
        Violations wrong = new Violations();
        wrong.text("device", message.device(), 40);
        if (!"mm".equals(message.unit()) && !"in".equals(message.unit())) {
            wrong.add("unit", "caliper.unit");
        }
        if (!Double.isFinite(message.value())) {
            wrong.add("value", "figure.form");
        }
        wrong.refuseIfAny();
        Long before = lastSeq.put(message.device(), message.seq());
        if (before != null && before == message.seq()) {
            return;
        }
        listeners.forEach(listener -> send(listener, "reading", message));
    }

    /** Streams that stay open would keep the application from ending. */
    @EventListener(ContextClosedEvent.class)
    void close() {
        listeners.forEach(SseEmitter::complete);
    }

    private void send(SseEmitter listener, String name, Object data) {
        try {
            listener.send(SseEmitter.event().name(name).data(data));
        } catch (IOException | IllegalStateException e) {
            // The screen is gone; that is no fault.
            listeners.remove(listener);
        }
    }
}
