package yellowtally.server.paper;

import io.swagger.v3.oas.annotations.media.Content;
import io.swagger.v3.oas.annotations.media.Schema;
import io.swagger.v3.oas.annotations.responses.ApiResponse;
import jakarta.servlet.http.HttpServletRequest;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.util.List;
import java.util.Locale;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import org.springframework.http.ContentDisposition;
import org.springframework.http.HttpHeaders;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.transaction.annotation.Transactional;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;
import org.springframework.web.servlet.support.ServletUriComponentsBuilder;
import org.springframework.web.util.UriUtils;
import yellowtally.core.cuttingset.BarSpec;
import yellowtally.core.measure.LengthUnit;
import yellowtally.server.fleet.Fleet;
import yellowtally.server.fleet.Saw;
import yellowtally.server.sheets.Words;
import yellowtally.server.standing.FittedSaw;
import yellowtally.server.standing.Standing;
import yellowtally.server.standing.Standings;
import yellowtally.server.support.Violations;

/** Labels for plates, as a PDF for common label papers. */
@RestController
class LabelController {

    private static final String PDF = "application/pdf";

    private final Fleet fleet;
    private final Standings standings;
    private final Words words = Words.ofScreens();

    LabelController(Fleet fleet, Standings standings) {
        this.fleet = fleet;
        this.standings = standings;
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
            content = @Content(mediaType = PDF, schema = @Schema(type = "string", format = "binary")))
    ResponseEntity<byte[]> labels(
            @RequestParam(required = false) @Nullable List<String> saws,
            @RequestParam LabelPaper paper,
            @RequestParam(defaultValue = "1") int first,
            HttpServletRequest request)
            throws IOException {
        Violations wrong = new Violations();
        wrong.number("first", (double) first, 1, paper.onPage());
        wrong.refuseIfAny();
        String root = ServletUriComponentsBuilder.fromContextPath(request).toUriString();
        List<PlateLabels.Label> labels =
                wanted(saws).stream().map(standing -> label(standing, root)).toList();
        ByteArrayOutputStream file = new ByteArrayOutputStream();
        Pdf.write(PlateLabels.page(labels, paper, first - 1), file);
        return ResponseEntity.ok()
                .contentType(MediaType.APPLICATION_PDF)
                .header(
                        HttpHeaders.CONTENT_DISPOSITION,
                        ContentDisposition.inline()
                                .filename("plate-labels.pdf")
                                .build()
                                .toString())
                .body(file.toByteArray());
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

    private PlateLabels.Label label(Standing standing, String root) {
        String tag = standing.fitted().saw().tag();
        String power = words.of("power", standing.profile().power()).toLowerCase(Locale.ROOT);
        FittedSaw.Hung<BarSpec> bar = standing.fitted().bar();
        String size = bar == null
                ? power
                // Bars are spoken of in inches everywhere.
                : LengthUnit.INCH.said(bar.spec().lengthMm()) + " bar, " + power;
        return new PlateLabels.Label(tag, size, root + "/saws/" + UriUtils.encodePathSegment(tag, "UTF-8"));
    }
}
