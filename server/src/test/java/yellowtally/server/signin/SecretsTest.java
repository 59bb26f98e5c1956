package yellowtally.server.signin;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import yellowtally.server.support.RandomSecret;
import yellowtally.server.support.Violations;

class SecretsTest {

    private final Secrets secrets = new Secrets();

    @ParameterizedTest
    @CsvSource({
        "three wet sleepers, true",
        "ninechars,          false",
        "ten letter,         true",
        "aaaaaaaaaaaaaaa,    false",
        "abababababab,       false",
        "my marsh is deep,   false",
        "MY MARSH IS DEEP,   false",
        "żółta piła łańcuch, true"
    })
    void aPasswordIsNotGuessed(String password, boolean good) {
        Violations wrong = new Violations();
        secrets.refusePassword("password", password, "marsh", wrong);
        assertThat(wrong.found()).isEqualTo(!good);
    }

    /** What is beyond the 72 bytes that bcrypt reads would count for nothing: it is refused, not cut. */
    @Test
    void aPasswordIsReadWhole() {
        Violations wrong = new Violations();
        secrets.refusePassword("password", "long enough ".repeat(6), "marsh", wrong);
        assertThat(wrong.found()).isFalse();
        secrets.refusePassword("password", "long enough ".repeat(6) + "x", "marsh", wrong);
        assertThat(wrong.found()).isTrue();
    }

    @ParameterizedTest
    @CsvSource({
        "7301, true",
        "73018264, true",
        "730, false",
        "730182649, false",
        "7a01, false",
        "0000, false",
        "3456, false",
        "8765, false",
        "2580, true"
    })
    void aPinIsNotGuessedAtOnce(String pin, boolean good) {
        Violations wrong = new Violations();
        Secrets.refusePin("pin", pin, wrong);
        assertThat(wrong.found()).isEqualTo(!good);
    }

    @Test
    void whatIsKeptIsNotWhatWasTyped() {
        String kept = secrets.hashed("three wet sleepers");
        assertThat(kept)
                .startsWith("{bcrypt}")
                .doesNotContain("sleepers")
                .isNotEqualTo(secrets.hashed("three wet sleepers"));
        assertThat(secrets.matches("three wet sleepers", kept)).isTrue();
        assertThat(secrets.matches("three dry sleepers", kept)).isFalse();
        assertThat(secrets.matches("three wet sleepers", null)).isFalse();
    }

    /** The accounts of the demo fleet open with what the sign-in page says. */
    @Test
    void theDemoPasswordIsTheOneThatIsShown() {
        assertThat(secrets.matches(DemoAccount.PASSWORD, SignInSeed.PASSWORD)).isTrue();
        assertThat(secrets.matches(DemoAccount.PIN, SignInSeed.PIN)).isTrue();
    }

    @Test
    void aRandomSecretIsLongAndAnotherEachTime() {
        assertThat(RandomSecret.fresh()).hasSize(32).isNotEqualTo(RandomSecret.fresh());
        assertThat(RandomSecret.digest("one"))
                .hasSize(64)
                .isEqualTo(RandomSecret.digest("one"))
                .isNotEqualTo(RandomSecret.digest("two"));
    }
}
