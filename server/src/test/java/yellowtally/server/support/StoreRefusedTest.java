package yellowtally.server.support;

import static org.assertj.core.api.Assertions.assertThat;

import jakarta.persistence.PersistenceException;
import java.sql.SQLException;
import java.util.stream.Stream;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.Arguments;
import org.junit.jupiter.params.provider.MethodSource;

/** A value that nobody knows costs its row; a database that does not answer is no reason to read row by row. */
class StoreRefusedTest {

    static Stream<Arguments> failures() {
        IllegalArgumentException unknown = new IllegalArgumentException("No enum constant");
        SQLException late = new SQLException("timed out", "HYT00");
        return Stream.of(
                Arguments.of(unknown, true),
                Arguments.of(new PersistenceException(unknown), true),
                Arguments.of(new IllegalStateException(new PersistenceException(unknown)), true),
                Arguments.of(new PersistenceException(late), false),
                Arguments.of(new IllegalArgumentException(new PersistenceException(late)), false),
                Arguments.of(new IllegalStateException("ending"), false));
    }

    @ParameterizedTest
    @MethodSource("failures")
    void tellsWhatWasNotUnderstoodFromWhatFailed(RuntimeException failure, boolean notUnderstood) {
        assertThat(StoreRefused.notUnderstood(failure)).isEqualTo(notUnderstood);
    }
}
