package yellowtally.server.paper;

import io.swagger.v3.oas.annotations.media.Content;
import io.swagger.v3.oas.annotations.media.Schema;
import io.swagger.v3.oas.annotations.responses.ApiResponse;
import jakarta.servlet.http.HttpServletRequest;
import java.io.IOException;
import java.time.Clock;
import java.time.LocalDate;
import java.util.UUID;
import org.springframework.http.ResponseEntity;
import org.springframework.transaction.annotation.Transactional;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;
import yellowtally.server.fleet.Fleet;
import yellowtally.server.fleet.Saw;
import yellowtally.server.support.Violations;

/** Papers that are read and signed, as PDF. */
@RestController
class PaperController {

    private final Fleet fleet;
    private final Certificate certificate;
    private final SawCard card;
    private final DaySheet daySheet;
    private final OrderList orders;
    private final AwaySheet away;
    private final PartsAwaySheet partsAway;
    private final PackSheet pack;
    private final Clock clock;

    PaperController(
            Fleet fleet,
            Certificate certificate,
            SawCard card,
            DaySheet daySheet,
            OrderList orders,
            AwaySheet away,
            PartsAwaySheet partsAway,
            PackSheet pack,
            Clock clock) {
        this.fleet = fleet;
        this.certificate = certificate;
        this.card = card;
        this.daySheet = daySheet;
        this.orders = orders;
        this.away = away;
        this.partsAway = partsAway;
        this.pack = pack;
        this.clock = clock;
    }

    /**
     * The service certificate of a saw.
     *
     * @param from the first day
     * @param to the last day, today at the latest
     */
    @GetMapping("/api/paper/certificate.pdf")
    @Transactional(readOnly = true)
    @ApiResponse(
            responseCode = "200",
            content = @Content(mediaType = Pdf.TYPE, schema = @Schema(type = "string", format = "binary")))
    ResponseEntity<byte[]> certificate(
            @RequestParam String saw, @RequestParam LocalDate from, @RequestParam LocalDate to) throws IOException {
        Saw found = fleet.saw(saw);
        LocalDate today = LocalDate.now(clock);
        Violations wrong = new Violations();
        if (to.isAfter(today)) {
            wrong.add("to", "paper.future");
        }
        if (from.isAfter(to)) {
            wrong.add("from", "paper.backwards");
        }
        wrong.refuseIfAny();
        return Pdf.answer(certificate.of(found, from, to), "certificate-" + found.tag() + "-" + to);
    }

    /** The card of a saw in service. */
    @GetMapping("/api/paper/card.pdf")
    @Transactional(readOnly = true)
    @ApiResponse(
            responseCode = "200",
            content = @Content(mediaType = Pdf.TYPE, schema = @Schema(type = "string", format = "binary")))
    ResponseEntity<byte[]> card(@RequestParam String saw, HttpServletRequest request) throws IOException {
        Saw found = fleet.sawInService(saw);
        return Pdf.answer(card.of(found, PlateLabels.address(request, found.tag())), "card-" + found.tag());
    }

    /** What goes with a saw to a mechanic. */
    @GetMapping("/api/paper/away.pdf")
    @Transactional(readOnly = true)
    @ApiResponse(
            responseCode = "200",
            content = @Content(mediaType = Pdf.TYPE, schema = @Schema(type = "string", format = "binary")))
    ResponseEntity<byte[]> away(@RequestParam String saw) throws IOException {
        Saw found = fleet.sawInService(saw);
        return Pdf.answer(away.of(found), "mechanic-" + found.tag());
    }

    /** What goes with parts to somebody. */
    @GetMapping("/api/paper/parts-away.pdf")
    @Transactional(readOnly = true)
    @ApiResponse(
            responseCode = "200",
            content = @Content(mediaType = Pdf.TYPE, schema = @Schema(type = "string", format = "binary")))
    ResponseEntity<byte[]> partsAway(@RequestParam String who) throws IOException {
        return Pdf.answer(partsAway.of(who), "parts-away-" + LocalDate.now(clock));
    }

    /** The day's sheet for the bench. */
    @GetMapping("/api/paper/day.pdf")
    @Transactional(readOnly = true)
    @ApiResponse(
            responseCode = "200",
            content = @Content(mediaType = Pdf.TYPE, schema = @Schema(type = "string", format = "binary")))
    ResponseEntity<byte[]> day() throws IOException {
        return Pdf.answer(daySheet.now(), "day-sheet-" + LocalDate.now(clock));
    }

    /** What a gang takes along. */
    @GetMapping("/api/paper/pack.pdf")
    @Transactional(readOnly = true)
    @ApiResponse(
            responseCode = "200",
            content = @Content(mediaType = Pdf.TYPE, schema = @Schema(type = "string", format = "binary")))
    ResponseEntity<byte[]> pack(@RequestParam UUID booking) throws IOException {
        return Pdf.answer(pack.of(booking), "day-pack-" + booking);
    }

    /** What is to be ordered. */
    @GetMapping("/api/paper/orders.pdf")
    @Transactional(readOnly = true)
    @ApiResponse(
            responseCode = "200",
            content = @Content(mediaType = Pdf.TYPE, schema = @Schema(type = "string", format = "binary")))
    ResponseEntity<byte[]> orders() throws IOException {
        return Pdf.answer(orders.now(), "order-list-" + LocalDate.now(clock));
    }
}
