package yellowtally.server.seal;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.Instant;
import java.util.HashSet;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import yellowtally.server.seal.Seal.Head;
import yellowtally.server.seal.Seal.Subject;

/** A line is followed by the one that was made for it, and by no other. */
class SealTest {

    private static final Instant AT = Instant.parse("2026-03-02T07:00:00Z");
    private static final Subject RECORD = new Subject("work_record", new UUID(1, 2));
    private static final Sum SAYS = new Digest().add("brake: fine").sum();
    private static final Head BEFORE = Seal.NONE.next("Form 12", AT).head();
    private static final Seal LINE = BEFORE.next(RECORD, SAYS, AT);

    @Test
    void itIsFollowedByItsOwn() {
        assertThat(Seal.NONE.isFollowedBy(Seal.NONE.next("Form 12", AT))).isTrue();
        assertThat(BEFORE.isFollowedBy(LINE)).isTrue();
        assertThat(BEFORE.isFollowedBy(BEFORE.next(RECORD, null, AT))).isTrue();
    }

    static Stream<Seal> altered() {
        Subject other = new Subject("work_record", new UUID(1, 3));
        return Stream.of(
                new Seal(LINE.n() + 1, RECORD, null, SAYS, AT, LINE.hash()),
                new Seal(LINE.n(), other, null, SAYS, AT, LINE.hash()),
                new Seal(LINE.n(), new Subject("outing", RECORD.id()), null, SAYS, AT, LINE.hash()),
                new Seal(
                        LINE.n(), RECORD, null, new Digest().add("brake: slips").sum(), AT, LINE.hash()),
                new Seal(LINE.n(), RECORD, null, null, AT, LINE.hash()),
                new Seal(LINE.n(), RECORD, null, SAYS, AT.plusNanos(1_000), LINE.hash()),
                new Seal(LINE.n(), RECORD, "Form 13", SAYS, AT, LINE.hash()),
                new Seal(LINE.n(), RECORD, null, SAYS, AT, SAYS),
                // Made for another place.
                Seal.NONE.next(RECORD, SAYS, AT));
    }

    @ParameterizedTest
    @MethodSource("altered")
    void itIsNotFollowedByAnother(Seal line) {
        assertThat(BEFORE.isFollowedBy(line)).isFalse();
    }

    @Test
    void whereOneValueEndsAndTheNextBeginsMatters() {
        Set<Sum> sums = new HashSet<>();
        sums.add(new Digest().add("ab").add("c").sum());
        sums.add(new Digest().add("a").add("bc").sum());
        sums.add(new Digest().add("abc").sum());
        sums.add(new Digest().add("abc").add("").sum());
        assertThat(sums).hasSize(4);
    }

    @Test
    void aSumIsTheSameAfterItWasStored() {
        assertThat(Sum.of(SAYS.bytes())).isEqualTo(SAYS);
        assertThat(Sum.of(new byte[3])).isNotEqualTo(Sum.NONE);
    }

    @Test
    void theCodeIsTheNumberAndTheBeginningOfTheHash() {
        assertThat(LINE.head().code()).matches("2-[0-9a-f]{16}");
    }
}
