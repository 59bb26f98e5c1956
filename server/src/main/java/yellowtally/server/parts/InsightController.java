package yellowtally.server.parts;

import java.util.List;
import org.springframework.transaction.annotation.Transactional;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RestController;

/** What stands out over the fleet. */
@RestController
class InsightController {

    private final Insights insights;

    InsightController(Insights insights) {
        this.insights = insights;
    }

    @GetMapping("/api/insights")
    @Transactional(readOnly = true)
    List<Insights.Insight> all() {
        return insights.all();
    }
}
