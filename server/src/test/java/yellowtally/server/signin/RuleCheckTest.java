package yellowtally.server.signin;

import static org.assertj.core.api.Assertions.assertThatCode;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.mockito.Mockito.mock;
import static org.mockito.Mockito.when;

import java.util.Map;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.springframework.web.bind.annotation.RequestMethod;
import org.springframework.web.method.HandlerMethod;
import org.springframework.web.servlet.mvc.method.RequestMappingInfo;
import org.springframework.web.servlet.mvc.method.annotation.RequestMappingHandlerMapping;
import org.springframework.web.util.pattern.PathPatternParser;

/** A controller's method without a rule is refused at start. */
class RuleCheckTest {

    private static final RequestMappingInfo.BuilderConfiguration AS_SERVED =
            new RequestMappingInfo.BuilderConfiguration();

    static {
        AS_SERVED.setPatternParser(PathPatternParser.defaultInstance);
    }

    private final RequestMappingHandlerMapping controllers = mock(RequestMappingHandlerMapping.class);
    private final RuleCheck check = new RuleCheck(controllers);

    /** A controller of ours. */
    public static class Ours {
        public void answers() {}
    }

    private void mapped(Object controller, String method, RequestMappingInfo.Builder info) throws Exception {
        HandlerMethod handler = new HandlerMethod(controller, method);
        when(controllers.getHandlerMethods())
                .thenReturn(Map.of(info.options(AS_SERVED).build(), handler));
    }

    @ParameterizedTest
    @CsvSource({"/api/nowhere, GET", "/api/board, POST", "/api/saws/{name}, GET", "/board, GET"})
    void oneWithoutARuleIsNamed(String path, RequestMethod method) throws Exception {
        mapped(new Ours(), "answers", RequestMappingInfo.paths(path).methods(method));
        assertThatThrownBy(check::afterSingletonsInstantiated)
                .isInstanceOf(IllegalStateException.class)
                .hasMessageContaining(method + " " + path);
    }

    @Test
    void oneForAnyMethodHasNoRule() throws Exception {
        mapped(new Ours(), "answers", RequestMappingInfo.paths("/api/board"));
        assertThatThrownBy(check::afterSingletonsInstantiated).hasMessageContaining("ANY /api/board");
    }

    @Test
    void oneWithARuleIsFine() throws Exception {
        mapped(
                new Ours(),
                "answers",
                RequestMappingInfo.paths("/api/saws/{tag}").methods(RequestMethod.GET));
        assertThatCode(check::afterSingletonsInstantiated).doesNotThrowAnyException();
    }
}
