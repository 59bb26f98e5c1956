package yellowtally.server.standing;

import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import org.jspecify.annotations.Nullable;
import org.springframework.context.annotation.Configuration;
import org.springframework.http.HttpMethod;
import org.springframework.web.context.request.RequestAttributes;
import org.springframework.web.context.request.RequestContextHolder;
import org.springframework.web.servlet.HandlerInterceptor;
import org.springframework.web.servlet.config.annotation.InterceptorRegistry;
import org.springframework.web.servlet.config.annotation.WebMvcConfigurer;

/**
 * What a page shows of the saws is worked out before the page asks for a connection: many who look at once wait for one working
 * out, and none of them keeps a connection from another while waiting.
 */
@Configuration
class ReadFirst implements WebMvcConfigurer, HandlerInterceptor {

    private static final String REVISION = ReadFirst.class.getName();

    private final Standings standings;

    ReadFirst(Standings standings) {
        this.standings = standings;
    }

    @Override
    public void addInterceptors(InterceptorRegistry interceptors) {
        interceptors
                .addInterceptor(this)
                .addPathPatterns("/api/**")
                // What is asked for to begin with needs nothing of the records.
                .excludePathPatterns(
                        "/api/people/**",
                        "/api/sign-in/**",
                        "/api/devices",
                        "/api/crews",
                        "/api/openapi/**",
                        "/api/caliper/**",
                        "/api/state",
                        // Tells the records, and nothing that is worked out from them.
                        "/api/log",
                        "/api/writes/**",
                        "/api/seal/**",
                        "/api/backups");
    }

    @Override
    public boolean preHandle(HttpServletRequest request, HttpServletResponse response, Object handler) {
        if (HttpMethod.GET.matches(request.getMethod())) {
            request.setAttribute(REVISION, standings.bringUpToDate());
        }
        return true;
    }

    /** Up to which revision a page being made now was promised to be true; {@code null} where none is made. */
    static @Nullable Long revisionOfRequest() {
        RequestAttributes request = RequestContextHolder.getRequestAttributes();
        return request == null ? null : (Long) request.getAttribute(REVISION, RequestAttributes.SCOPE_REQUEST);
    }
}
