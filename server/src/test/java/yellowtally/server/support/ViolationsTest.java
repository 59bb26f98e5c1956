package yellowtally.server.support;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatCode;
import static org.assertj.core.api.Assertions.catchThrowableOfType;

import org.jspecify.annotations.Nullable;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import yellowtally.core.measure.LengthUnit;

/** All that is wrong with a request is gathered, then refused at once. */
class ViolationsTest {

    private final Violations wrong = new Violations();

    private @Nullable String found() {
        return wrong.faults().isEmpty() ? null : wrong.faults().get(0).code();
    }

    @ParameterizedTest
    @CsvSource({
        "Two lent out, ",
        "'  x  ',      ",
        "'',           missing",
        "'   ',        missing",
        ",             missing",
        "abcdefghijk,  text.long",
    })
    void textIsThereAndNotTooLong(@Nullable String given, @Nullable String code) {
        String text = wrong.text("note", given, given != null && given.startsWith("Two") ? 12 : 10);
        assertThat(found()).isEqualTo(code);
        assertThat(text).isEqualTo(given == null ? "" : given.strip());
    }

    @ParameterizedTest
    @CsvSource({"'  ', ", ", ", "' x ', x"})
    void textThatMayBeAbsent(@Nullable String given, @Nullable String read) {
        assertThat(wrong.optionalText("note", given, 10)).isEqualTo(read);
        assertThat(wrong.found()).isFalse();
    }

    @ParameterizedTest
    @CsvSource({
        "0,         ",
        "5,         ",
        "-0.001,    number.range",
        "5.001,     number.range",
        "NaN,       number.range",
        "Infinity,  number.range",
        ",          missing",
    })
    void aNumberLiesInItsRangeBothEndsIncluded(@Nullable Double given, @Nullable String code) {
        double read = wrong.number("tanks", given, 0, 5);
        assertThat(found()).isEqualTo(code);
        assertThat(read).isBetween(0.0, 5.0);
        assertThat(wrong.optionalNumber("oil", null, 0, 5)).isNull();
    }

    @ParameterizedTest
    @CsvSource(
            quoteCharacter = '~',
            value = {
                "18 in,  457.2, ",
                "457,    457,   ",
                "7,      ,      length.range",
                "3 m,    ,      length.NOT_A_LENGTH",
                "-5,     ,      length.NEGATIVE",
                ",       ,      length.MISSING",
            })
    void aLengthIsReadAndLiesInItsRange(@Nullable String typed, @Nullable Double mm, @Nullable String code) {
        Double read = wrong.length("bar", typed, LengthUnit.MM, 152, 1524).orElse(null);
        assertThat(read).isEqualTo(mm);
        if (code == null) {
            assertThat(wrong.found()).isFalse();
        } else {
            assertThat(found()).startsWith("length.");
        }
    }

    @Test
    void everythingIsToldTogetherInTheOrderFound() {
        wrong.text("note", null, 10);
        wrong.number("tanks", -1.0, 0, 5);
        Violations own = new Violations();
        own.add("saw", "saw.unknown", "99");
        assertThat(wrong.takeOver(own)).isTrue();
        assertThat(wrong.takeOver(new Violations())).isFalse();
        Refusal refusal = catchThrowableOfType(Refusal.class, wrong::refuseIfAny);
        assertThat(refusal.faults()).extracting(Refusal.Fault::field).containsExactly("note", "tanks", "saw");
        assertThat(refusal.status().value()).isEqualTo(422);
    }

    @Test
    void nothingWrongRefusesNothing() {
        assertThatCode(wrong::refuseIfAny).doesNotThrowAnyException();
    }
}
