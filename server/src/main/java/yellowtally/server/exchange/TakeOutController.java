package yellowtally.server.exchange;

import io.swagger.v3.oas.annotations.media.Content;
import io.swagger.v3.oas.annotations.media.Schema;
import io.swagger.v3.oas.annotations.responses.ApiResponse;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.sql.SQLException;
import java.time.Clock;
import java.time.LocalDate;
import javax.sql.DataSource;
import org.springframework.http.HttpHeaders;
import org.springframework.http.MediaType;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RestController;
import tools.jackson.databind.node.ObjectNode;
import yellowtally.server.sheets.CsvBook;
import yellowtally.server.sheets.XlsxBook;
import yellowtally.server.support.AsOfNow;
import yellowtally.server.support.Attached;
import yellowtally.server.support.Streamed;

/** All records, to be kept by their owner: as one file that can be brought in again, and as sheets. */
@RestController
class TakeOutController {

    private static final String XLSX = "application/vnd.openxmlformats-officedocument.spreadsheetml.sheet";
    private static final String ZIP = "application/zip";
    private static final String CALLED = "yellow-tally-";

    private final TakeOut takeOut;
    private final DataSource database;
    private final Clock clock;

    TakeOutController(TakeOut takeOut, DataSource database, Clock clock) {
        this.takeOut = takeOut;
        this.database = database;
        this.clock = clock;
    }

    /** All records, as one file. */
    @GetMapping("/api/fleet-file")
    @ApiResponse(
            responseCode = "200",
            content = @Content(mediaType = "application/json", schema = @Schema(type = "object")))
    void fleetFile(HttpServletResponse response) throws IOException {
        Streamed.write(response, () -> takeOut.fleetFile(into(response, MediaType.APPLICATION_JSON_VALUE, ".json")));
    }

    /** What stands in such a file, as a JSON Schema. */
    @GetMapping("/api/fleet-file/schema")
    @ApiResponse(
            responseCode = "200",
            content = @Content(mediaType = "application/json", schema = @Schema(type = "object")))
    ObjectNode schema() throws SQLException {
        return AsOfNow.read(database, FleetSchema::of);
    }

    /** All records as sheets of a spreadsheet. */
    @GetMapping("/api/sheets.xlsx")
    @ApiResponse(
            responseCode = "200",
            content = @Content(mediaType = XLSX, schema = @Schema(type = "string", format = "binary")))
    void xlsx(HttpServletResponse response) throws IOException {
        Streamed.write(response, () -> takeOut.sheets(into(response, XLSX, ".xlsx"), XlsxBook::new));
    }

    /** All records as CSV, one file for each sheet, in a zip. */
    @GetMapping("/api/sheets.csv")
    @ApiResponse(
            responseCode = "200",
            content = @Content(mediaType = ZIP, schema = @Schema(type = "string", format = "binary")))
    void csv(HttpServletResponse response) throws IOException {
        Streamed.write(response, () -> takeOut.sheets(into(response, ZIP, "-csv.zip"), CsvBook::new));
    }

    private TakeOut.Target into(HttpServletResponse response, String type, String ending) {
        return () -> {
            response.setContentType(type);
            response.setHeader(HttpHeaders.CONTENT_DISPOSITION, Attached.as(CALLED + LocalDate.now(clock) + ending));
            return response.getOutputStream();
        };
    }
}
