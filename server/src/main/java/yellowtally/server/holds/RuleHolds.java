package yellowtally.server.holds;

import jakarta.persistence.EntityManager;
import java.time.Clock;
import java.util.EnumSet;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import yellowtally.core.fitness.MoreUsable;
import yellowtally.core.fitness.SawAccount;
import yellowtally.core.holds.Hold.HoldOrigin;
import yellowtally.core.steps.Step;
import yellowtally.core.waiting.FitState;
import yellowtally.core.waiting.OilWaits;
import yellowtally.server.fleet.Fleet;
import yellowtally.server.fleet.Saw;
import yellowtally.server.settings.FleetSettings;
import yellowtally.server.settings.SettingsInForce;
import yellowtally.server.settings.WatchesSettings;
import yellowtally.server.standing.Standings;
import yellowtally.server.usage.SeesReturns;
import yellowtally.server.worklog.SawHold;
import yellowtally.server.worklog.Worklog;

/**
 * Holds that no failed record makes: once there, they stay until they are proved away and an officer releases them. Runs within
 * the caller's transaction.
 */
@Service
public class RuleHolds implements SeesReturns, WatchesSettings {

    private static final String NOT_OILING = "Hardly any bar oil went beside the fuel";
    private static final String LOOSER = "Held before a limit or a season was changed";

    private final Standings standings;
    private final FleetSettings settings;
    private final Fleet fleet;
    private final Worklog worklog;
    private final EntityManager records;
    private final Clock clock;

    RuleHolds(
            Standings standings,
            FleetSettings settings,
            Fleet fleet,
            Worklog worklog,
            EntityManager records,
            Clock clock) {
        this.standings = standings;
        this.settings = settings;
        this.fleet = fleet;
        this.worklog = worklog;
        this.records = records;
        this.clock = clock;
    }

    /** An oiler that gives next to nothing holds: a card that passes proves it, and an officer releases the saw. */
    @Override
    public void back(Saw saw, UUID personId) {
        records.flush();
        boolean dry = standings.of(saw).account().work().stream()
                .anyMatch(w -> w instanceof OilWaits oil && oil.state() == FitState.HELD);
        boolean held = worklog.openHolds(saw.id()).stream()
                .anyMatch(hold -> hold.origin() == HoldOrigin.RULE && hold.step() == Step.OIL_CARD);
        if (dry && !held) {
            hold(saw, Step.OIL_CARD, NOT_OILING, personId);
        }
    }

    /** A looser limit never lifts a hold that stands (handbook section 11, rule 4): what it would lift holds by itself now. */
    @Override
    public Runnable before(UUID personId) {
        SettingsInForce before = settings.now();
        Map<UUID, SawAccount> held = new HashMap<>();
        standings.all().stream()
                .filter(standing -> standing.account().state() == FitState.HELD)
                .forEach(standing -> held.put(standing.fitted().saw().id(), standing.account()));
        return () -> {
            records.flush();
            SettingsInForce after = settings.now();
            List<UUID> freed = standings.remembered(after).stream()
                    .filter(now -> frees(held.get(now.fitted().saw().id()), now.account()))
                    .map(now -> now.fitted().saw().id())
                    .toList();
            // In one order with all other writes about several saws.
            fleet.lock(freed);
            for (UUID id : freed) {
                Saw saw = fleet.byId(id);
                if (saw.retiredAt() == null) {
                    keep(saw, before, after, personId);
                }
            }
        };
    }

    private static boolean frees(@Nullable SawAccount was, SawAccount now) {
        return was != null && !MoreUsable.lifted(was, now).isEmpty();
    }

    /** Once nobody else writes about the saw: the same records by the settings before and after. */
    private void keep(Saw saw, SettingsInForce before, SettingsInForce after, UUID personId) {
        Set<Step> steps = EnumSet.noneOf(Step.class);
        MoreUsable.lifted(
                        standings.rebuilt(saw, before).account(),
                        standings.rebuilt(saw, after).account())
                .forEach(waits -> steps.addAll(waits.provedBy()));
        steps.forEach(step -> hold(saw, step, LOOSER, personId));
    }

    private void hold(Saw saw, Step step, String why, UUID personId) {
        worklog.hold(new SawHold(UUID.randomUUID(), saw.id(), step, why, clock.instant(), personId).byRule());
    }
}
