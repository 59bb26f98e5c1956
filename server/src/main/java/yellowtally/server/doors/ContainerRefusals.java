package yellowtally.server.doors;

import java.io.IOException;
import org.apache.catalina.Pipeline;
import org.apache.catalina.Valve;
import org.apache.catalina.connector.Request;
import org.apache.catalina.connector.Response;
import org.apache.catalina.core.StandardHost;
import org.apache.catalina.valves.ErrorReportValve;
import org.jspecify.annotations.Nullable;
import org.springframework.boot.tomcat.servlet.TomcatServletWebServerFactory;
import org.springframework.boot.web.server.WebServerFactoryCustomizer;
import org.springframework.core.Ordered;
import org.springframework.http.HttpStatusCode;
import org.springframework.stereotype.Component;
import yellowtally.server.support.Problems;

/** What the container refuses before the application is asked, in the form of every other refusal and not as a page of its own. */
@Component
class ContainerRefusals implements WebServerFactoryCustomizer<TomcatServletWebServerFactory>, Ordered {

    private final Problems problems;

    ContainerRefusals(Problems problems) {
        this.problems = problems;
    }

    @Override
    public int getOrder() {
        return LOWEST_PRECEDENCE;
    }

    @Override
    public void customize(TomcatServletWebServerFactory factory) {
        factory.addContextCustomizers(context -> {
            StandardHost host = (StandardHost) context.getParent();
            Pipeline pipeline = host.getPipeline();
            for (Valve valve : pipeline.getValves()) {
                if (valve instanceof ErrorReportValve) {
                    pipeline.removeValve(valve);
                }
            }
            host.setErrorReportValveClass("");
            pipeline.addValve(new Report(problems));
        });
    }

    private static final class Report extends ErrorReportValve {

        private final Problems problems;

        Report(Problems problems) {
            this.problems = problems;
        }

        @Override
        protected void report(Request request, Response response, @Nullable Throwable failure) {
            int status = response.getStatus();
            if (status < 400 || response.getContentWritten() > 0 || !response.setErrorReported()) {
                return;
            }
            try {
                problems.write(
                        request, response, HttpStatusCode.valueOf(status), status < 500 ? "unreadable" : "unforeseen");
            } catch (IOException gone) {
                // Whoever asked does not listen any more.
            }
        }
    }
}
