package yellowtally.server.paper;

import io.swagger.v3.oas.annotations.media.Content;
import io.swagger.v3.oas.annotations.media.Schema;
import io.swagger.v3.oas.annotations.responses.ApiResponse;
import jakarta.servlet.http.HttpServletRequest;
import java.io.IOException;
import java.util.List;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import org.springframework.http.ResponseEntity;
import org.springframework.transaction.annotation.Transactional;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;
import yellowtally.server.fleet.Fleet;
import yellowtally.server.fleet.Saw;
import yellowtally.server.standing.Standing;
import yellowtally.server.standing.Standings;
import yellowtally.server.support.Violations;

/** Labels for plates, as a PDF for common label papers. */
@RestController
class LabelController {

    private final Fleet fleet;
    private final Standings standings;
    private final PaperWords words;

    LabelController(Fleet fleet, Standings standings, PaperWords words) {
        this.fleet = fleet;
        this.standings = standings;
        this.words = words;
    }

    /**
     * The labels.
     *
     * @param saws tags; absent for all saws in service
     * @param first the first label of the page that is still on it, from 1
     */
    @GetMapping("/api/paper/labels.pdf")
    @Transactional(readOnly = true)
    @ApiResponse(
            responseCode = "200",
            content = @Content(mediaType = Pdf.TYPE, schema = @Schema(type = "string", format = "binary")))
    ResponseEntity<byte[]> labels(
            @RequestParam(required = false) @Nullable List<String> saws,
            @RequestParam LabelPaper paper,
            @RequestParam(defaultValue = "1") int first,
            HttpServletRequest request)
            throws IOException {
        Violations wrong = new Violations();
        wrong.number("first", (double) first, 1, paper.onPage());
        wrong.refuseIfAny();
        List<PlateLabels.Label> labels =
                wanted(saws).stream().map(standing -> label(standing, request)).toList();
        return Pdf.answer(PlateLabels.page(labels, paper, first - 1), "plate-labels");
    }

    private List<Standing> wanted(@Nullable List<String> tags) {
        List<Standing> all = standings.all();
        if (tags == null || tags.isEmpty()) {
            return all;
        }
        Set<UUID> wanted = tags.stream().map(fleet::sawInService).map(Saw::id).collect(Collectors.toSet());
        return all.stream()
                .filter(standing -> wanted.contains(standing.fitted().saw().id()))
                .toList();
    }

    private PlateLabels.Label label(Standing standing, HttpServletRequest request) {
        String tag = standing.fitted().saw().tag();
        return new PlateLabels.Label(tag, words.size(standing), PlateLabels.address(request, tag));
    }
}
