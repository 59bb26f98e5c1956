package yellowtally.server.seal;

import java.sql.Connection;
import java.sql.SQLException;
import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.UUID;
import javax.sql.DataSource;
import org.jspecify.annotations.Nullable;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RestController;
import yellowtally.server.support.Refusal;

/** The end of the chain, for papers; whether all records are as they were sealed; whether what a paper says still stands. */
@RestController
class SealController {

    private final Chain chain;
    private final RecordCheck check;
    private final DataSource database;

    SealController(Chain chain, RecordCheck check, DataSource database) {
        this.chain = chain;
        this.check = check;
        this.database = database;
    }

    /**
     * How the records are sealed.
     *
     * @param code the end of the chain, as it is printed
     * @param lines of the chain
     * @param checking whether a check is under way
     * @param last what the last check since the start found
     */
    record SealView(
            String code,
            long lines,
            boolean checking,
            @Nullable SealCheckView last) {}

    /**
     * What a check found.
     *
     * @param at when it began
     * @param code the end of the chain then
     * @param found how many lines and records are not as they were sealed
     * @param wrong the first of them
     * @param remarks when records were sealed anew, and why
     */
    record SealCheckView(
            Instant at,
            String code,
            long lines,
            long records,
            long found,
            List<WrongView> wrong,
            List<String> remarks) {}

    /**
     * Something that is not as it was sealed.
     *
     * @param n the line of the chain; absent for a record that was never sealed
     * @param table what kind of record it is; absent for a broken line
     * @param tag of its saw, where it has one
     * @param sealedAt when it was sealed last; absent for a record that was never sealed
     */
    record WrongView(
            Verification.WrongKind kind,
            @Nullable Long n,
            @Nullable String table,
            @Nullable String tag,
            @Nullable Instant sealedAt) {}

    /** Asks for a check; {@code id} as with every write. */
    record CheckWish(UUID id) {}

    @GetMapping("/api/seal")
    SealView seal() throws SQLException {
        Seal.Head head = chain.head();
        RecordCheck.Checked last = check.last();
        return new SealView(head.code(), head.n(), check.underWay(), last == null ? null : view(last));
    }

    @PostMapping("/api/seal/check")
    SealView check(@RequestBody CheckWish wish) throws SQLException {
        check.begin();
        return seal();
    }

    @GetMapping("/api/seal/papers/{code}")
    Paper paper(@PathVariable String code) throws SQLException {
        try (Connection connection = database.getConnection()) {
            return Paper.of(connection, code).orElseThrow(() -> Refusal.unfit("code", "seal.code"));
        }
    }

    private SealCheckView view(RecordCheck.Checked checked) throws SQLException {
        Verification.Verdict verdict = checked.verdict();
        try (Connection connection = database.getConnection()) {
            WrongRecords names = new WrongRecords(connection);
            List<WrongView> wrong = new ArrayList<>();
            for (Verification.Wrong one : verdict.wrong()) {
                wrong.add(new WrongView(
                        one.kind(),
                        one.n(),
                        one.table(),
                        names.tag(one.table(), one.record()),
                        names.sealedAt(one.n())));
            }
            return new SealCheckView(
                    checked.at(),
                    verdict.code(),
                    verdict.lines(),
                    verdict.records(),
                    verdict.found(),
                    wrong,
                    verdict.remarks());
        }
    }
}
