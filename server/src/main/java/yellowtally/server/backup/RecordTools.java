package yellowtally.server.backup;

import java.io.IOException;
import java.io.PrintStream;
import java.nio.file.Files;
import java.nio.file.Path;
import java.sql.Connection;
import java.sql.SQLException;
import java.util.List;
import java.util.Optional;
import org.h2.api.ErrorCode;
import yellowtally.server.seal.Paper;
import yellowtally.server.seal.Verification;

/**
 * What can be done with records while the application is not running: {@code verify FOLDER [SEAL]} and
 * {@code restore FILE FOLDER [replace]}. Ends with 0 when all is well, 1 when something is not as it was sealed, 2 when it could
 * not be done.
 */
public final class RecordTools {

    private static final int WELL = 0;
    private static final int NOT_WHOLE = 1;
    private static final int NOT_DONE = 2;

    private final PrintStream out;

    RecordTools(PrintStream out) {
        this.out = out;
    }

    public static void main(String[] args) {
        System.exit(new RecordTools(System.out).run(List.of(args)));
    }

    int run(List<String> args) {
        if (args.size() >= 2 && args.get(0).equals("verify")) {
            return verify(Path.of(args.get(1)), args.stream().skip(2).findFirst());
        }
        if (args.size() >= 3 && args.get(0).equals("restore")) {
            return restore(Path.of(args.get(1)), Path.of(args.get(2)), args.contains("replace"));
        }
        out.println("verify FOLDER [SEAL] or restore FILE FOLDER [replace], not " + args);
        return NOT_DONE;
    }

    private int verify(Path folder, Optional<String> code) {
        Path file = folder.resolve(BackupFile.DATABASE);
        if (!Files.exists(file)) {
            out.println("There are no records in " + folder + ".");
            return NOT_DONE;
        }
        try (Connection database = Opened.open(file, ";ACCESS_MODE_DATA=r")) {
            if (!Opened.isSealed(database)) {
                out.println("These records are of an earlier form and not sealed yet: that is done at the next start.");
                return NOT_DONE;
            }
            boolean whole = tell(Verification.of(database));
            return code.isPresent()
                    ? Math.max(whole ? WELL : NOT_WHOLE, paper(database, code.get()))
                    : whole ? WELL : NOT_WHOLE;
        } catch (SQLException e) {
            out.println(
                    e.getErrorCode() == ErrorCode.DATABASE_ALREADY_OPEN_1
                            ? "Yellow Tally is running with these records. Check them on the screen of the log, or end it first."
                            : "The file " + file + " cannot be opened: " + e.getMessage());
            return NOT_DONE;
        }
    }

    private boolean tell(Verification.Verdict verdict) {
        verdict.remarks().forEach(remark -> out.println("Sealed anew: " + remark + "."));
        for (Verification.Wrong wrong : verdict.wrong()) {
            String record =
                    wrong.table() == null ? "the row of seals" : wrong.table().replace('_', ' ') + " " + wrong.record();
            String line = wrong.n() == null ? "" : " (seal " + wrong.n() + ")";
            out.println(
                    switch (wrong.kind()) {
                        case ALTERED -> "Altered: " + record + line + " says something else than when it was sealed.";
                        case MISSING -> "Missing: " + record + line + " was sealed and is not there.";
                        case INSERTED -> "Inserted: " + record + " was never sealed.";
                        case BROKEN -> "Broken: " + record + line + " does not follow what stands before it.";
                    });
        }
        out.println(
                verdict.whole()
                        ? "All " + verdict.records() + " records are as they were sealed. The seal is " + verdict.code()
                                + "."
                        : verdict.found()
                                + " seals and records are not as they were set; above are the first. The seal is "
                                + verdict.code() + ".");
        return verdict.whole();
    }

    private int paper(Connection database, String code) throws SQLException {
        Optional<Paper> paper = Paper.of(database, code);
        if (paper.isEmpty()) {
            out.println("A seal is written like 4812-9f3a77c1d20be456.");
            return NOT_DONE;
        }
        out.println(
                switch (paper.get().kind()) {
                    case STANDS ->
                        "The records go through the seal " + code + ", set "
                                + paper.get().at() + ".";
                    case ALTERED ->
                        "The records do not go through the seal " + code
                                + ": something was altered that was recorded before it.";
                    case CUT_OFF -> "The seal " + code + " is not reached: the records at the end are missing.";
                });
        return paper.get().kind() == Paper.PaperKind.STANDS ? WELL : NOT_WHOLE;
    }

    private int restore(Path backup, Path folder, boolean replace) {
        try {
            Opened content = Restore.restore(backup, folder, replace);
            out.println(
                    "Restored into " + folder + ": " + content.records() + " records, seal " + content.code() + ".");
            if (content.found() > 0) {
                out.println(content.found() + " of them are not as they were sealed: ./run --verify says which.");
            }
            return WELL;
        } catch (Restore.Refused refused) {
            out.println(refused.getMessage());
        } catch (IOException e) {
            out.println("Nothing was restored: " + e.getMessage());
        }
        return NOT_DONE;
    }
}
