package yellowtally.server.exchange;

import java.sql.SQLException;
import org.h2.api.ErrorCode;

/** Why the database takes a row not, in words. */
final class StoredRow {

    private StoredRow() {}

    static String why(SQLException refused) {
        SQLException first = refused.getNextException() == null ? refused : refused.getNextException();
        return switch (first.getErrorCode()) {
            case ErrorCode.REFERENTIAL_INTEGRITY_VIOLATED_PARENT_MISSING_1 -> "it names a row that is not in the file";
            case ErrorCode.DUPLICATE_KEY_1 -> "there is another row that only one may be";
            case ErrorCode.CHECK_CONSTRAINT_VIOLATED_1, ErrorCode.CHECK_CONSTRAINT_INVALID ->
                "it says something that cannot be";
            case ErrorCode.VALUE_TOO_LONG_2 -> "a text in it is too long";
            default -> "the database does not take it";
        };
    }
}
