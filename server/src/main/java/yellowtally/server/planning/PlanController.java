package yellowtally.server.planning;

import java.util.List;
import java.util.UUID;
import org.springframework.http.HttpStatus;
import org.springframework.transaction.annotation.Transactional;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;
import yellowtally.core.plan.Plan;
import yellowtally.server.people.People;
import yellowtally.server.support.FleetRevision;
import yellowtally.server.support.OnceOnly;

/** The plan of the days, what could be otherwise, and what is kept of that. */
@RestController
class PlanController {

    private final Plans plans;
    private final PlanChanges changes;
    private final People people;
    private final OnceOnly onceOnly;
    private final FleetRevision revision;

    PlanController(Plans plans, PlanChanges changes, People people, OnceOnly onceOnly, FleetRevision revision) {
        this.plans = plans;
        this.changes = changes;
        this.people = people;
        this.onceOnly = onceOnly;
        this.revision = revision;
    }

    /** How it is, and how it would be: what differs told apart. */
    record WhatIf(PlanPage before, PlanPage after, List<PlanPage.MovedVisit> moved) {}

    /** A change that is kept. */
    record KeptChange(UUID id, PlanChange change) {}

    @GetMapping("/api/plan")
    @Transactional(readOnly = true)
    PlanPage plan() {
        return PlanPage.of(plans.now());
    }

    /** Nothing is stored. */
    @PostMapping("/api/plan/what-if")
    @Transactional(readOnly = true)
    WhatIf whatIf(@RequestBody PlanChange change) {
        Plans.Made now = plans.now();
        Plans.Made then = plans.tried(now, change);
        Plan before = now.plan();
        return new WhatIf(PlanPage.of(now), PlanPage.of(then), PlanPage.moved(before, then.plan()));
    }

    @PostMapping("/api/plan/changes")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void keep(@RequestBody KeptChange given) {
        onceOnly.run(given.id(), given, () -> {
            plans.keep(given.change());
            revision.touchesNone();
            changes.keep(given.change(), people.actingOfficer());
        });
    }
}
