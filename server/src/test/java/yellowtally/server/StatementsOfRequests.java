package yellowtally.server;

import java.util.Map;
import java.util.concurrent.ConcurrentHashMap;
import org.hibernate.resource.jdbc.spi.StatementInspector;
import org.jspecify.annotations.Nullable;
import org.springframework.web.context.request.RequestContextHolder;
import org.springframework.web.context.request.ServletRequestAttributes;

/** Counts what each request that asks for it by a header has the database do, whatever other tests do meanwhile. */
public final class StatementsOfRequests implements StatementInspector {

    static final String HEADER = "X-Count-Statements-As";

    private static final Map<String, Integer> COUNTS = new ConcurrentHashMap<>();

    @Override
    public @Nullable String inspect(String sql) {
        if (RequestContextHolder.getRequestAttributes() instanceof ServletRequestAttributes request) {
            String as = request.getRequest().getHeader(HEADER);
            if (as != null) {
                COUNTS.merge(as, 1, Integer::sum);
            }
        }
        return sql;
    }

    static int of(String as) {
        return COUNTS.getOrDefault(as, 0);
    }
}
