package yellowtally.server.support;

import io.swagger.v3.oas.annotations.Hidden;
import jakarta.servlet.RequestDispatcher;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import org.springframework.boot.webmvc.error.ErrorController;
import org.springframework.http.HttpStatusCode;
import org.springframework.stereotype.Controller;
import org.springframework.web.bind.annotation.RequestMapping;

/** What the container refuses before or beside the application, in the same form. */
@Hidden
@Controller
class ContainerProblems implements ErrorController {

    private static final int NOT_FOUND = 404;

    private final Problems problems;

    ContainerProblems(Problems problems) {
        this.problems = problems;
    }

    @RequestMapping("${server.error.path:/error}")
    void told(HttpServletRequest request, HttpServletResponse response) throws IOException {
        int status = (Integer) request.getAttribute(RequestDispatcher.ERROR_STATUS_CODE);
        String code = status == NOT_FOUND ? "address" : status < 500 ? "unreadable" : "unforeseen";
        problems.write(request, response, HttpStatusCode.valueOf(status), code);
    }
}
