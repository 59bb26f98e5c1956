package yellowtally.server.signin;

import java.util.Set;
import java.util.TreeSet;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.springframework.beans.factory.SmartInitializingSingleton;
import org.springframework.beans.factory.annotation.Qualifier;
import org.springframework.boot.webmvc.error.ErrorController;
import org.springframework.stereotype.Component;
import org.springframework.web.method.HandlerMethod;
import org.springframework.web.servlet.mvc.method.RequestMappingInfo;
import org.springframework.web.servlet.mvc.method.RequestMappingInfoHandlerMapping;

/** Refuses to start when a method of our controllers has no rule in {@link WhoMay}: nobody could reach it. */
@Component
class RuleCheck implements SmartInitializingSingleton {

    private static final String OURS = "yellowtally";

    private final RequestMappingInfoHandlerMapping controllers;

    RuleCheck(@Qualifier("requestMappingHandlerMapping") RequestMappingInfoHandlerMapping controllers) {
        this.controllers = controllers;
    }

    @Override
    public void afterSingletonsInstantiated() {
        Set<String> without = new TreeSet<>();
        controllers.getHandlerMethods().forEach((mapped, method) -> {
            if (isOurs(method)) {
                named(mapped).forEach(without::add);
            }
        });
        WhoMay.rules().map(WhoMay.Rule::named).forEach(without::remove);
        if (!without.isEmpty()) {
            throw new IllegalStateException("WhoMay has no rule for " + String.join(", ", without));
        }
    }

    /** What tells errors is asked by the container alone. */
    private static boolean isOurs(HandlerMethod method) {
        Class<?> controller = method.getBeanType();
        return controller.getName().startsWith(OURS) && !ErrorController.class.isAssignableFrom(controller);
    }

    /** As in the rules; one that names no method takes any, for which there is no rule. */
    private static Stream<String> named(RequestMappingInfo mapped) {
        Set<String> methods = mapped.getMethodsCondition().getMethods().isEmpty()
                ? Set.of("ANY")
                : mapped.getMethodsCondition().getMethods().stream()
                        .map(Enum::name)
                        .collect(Collectors.toSet());
        return methods.stream()
                .flatMap(method -> mapped.getPatternValues().stream().map(pattern -> method + " " + pattern));
    }
}
