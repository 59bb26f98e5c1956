package yellowtally.core.pack;

import java.util.List;
import java.util.Objects;
import java.util.Set;
import org.jspecify.annotations.Nullable;
import yellowtally.core.cuttingset.BarSpec;
import yellowtally.core.cuttingset.Gauge;
import yellowtally.core.cuttingset.LoopSpec;
import yellowtally.core.cuttingset.NoseKind;
import yellowtally.core.cuttingset.Pitch;
import yellowtally.core.cuttingset.SprocketKind;
import yellowtally.core.cuttingset.SprocketSpec;
import yellowtally.core.schedule.Task;
import yellowtally.core.settings.Numbers;
import yellowtally.core.steps.Power;

/** Saws, loops and stores for tests of packs. */
final class Packs {

    static final LoopSpec SIXTY_SIX = new LoopSpec(Pitch.P_325, Gauge.G_050, 66);
    static final LoopSpec SIXTY_EIGHT = new LoopSpec(Pitch.P_325, Gauge.G_050, 68);

    private Packs() {}

    /** A saw of 460 mL and 250 mL, 50:1, with captive nuts of 13 mm, that uses so many tanks a day. */
    static PackSaw saw(String tag, double tanksPerDay) {
        return saw(tag, Power.PETROL, tanksPerDay, 50, 460.0, 13.0, SIXTY_SIX);
    }

    static PackSaw saw(
            String tag,
            Power power,
            double tanksPerDay,
            @Nullable Integer ratio,
            @Nullable Double tankMl,
            @Nullable Double nutMm,
            LoopSpec loop) {
        return new PackSaw(
                tag,
                "Kestrup K45",
                power,
                tanksPerDay,
                ratio,
                tankMl,
                250.0,
                1,
                4.8,
                new PackSaw.Nuts(nutMm, true, false),
                new BarSpec(406.4, loop.pitch(), loop.gauge(), loop.driveLinks(), NoseKind.SEALED_SPROCKET),
                new SprocketSpec(SprocketKind.RIM, 7, loop.pitch()),
                power == Power.PETROL ? "P-45" : null,
                Set.of(),
                Numbers.STANDARD);
    }

    static PackSaw with(PackSaw saw, PackSaw.Nuts nuts, Task... tasks) {
        return new PackSaw(
                saw.tag(),
                saw.model(),
                saw.power(),
                saw.tanksPerDay(),
                saw.ratio(),
                saw.fuelTankMl(),
                saw.oilTankMl(),
                saw.oilPerTank(),
                saw.fileMm(),
                nuts,
                saw.bar(),
                saw.sprocket(),
                saw.plugCode(),
                Set.of(tasks),
                saw.numbers());
    }

    static ShelfLoop loop(String tag, boolean isNew) {
        return new ShelfLoop(tag, SIXTY_SIX.words(), SIXTY_SIX, isNew);
    }

    /** The line of a kind that has this name. */
    static PackLine line(List<PackLine> lines, PackKind kind, String name) {
        return lines.stream()
                .filter(line -> line.kind() == kind && line.name().equals(name))
                .findFirst()
                .orElseThrow(() -> new AssertionError("no " + kind + " " + name + " in " + lines));
    }

    static List<PackLine> of(List<PackLine> lines, PackKind kind) {
        return lines.stream().filter(line -> line.kind() == kind).toList();
    }

    /** Stores with so much of everything; {@code null} for stores that keep nothing. */
    static Stores stores(@Nullable Double pieces, @Nullable Double oilMl) {
        return new Stores() {
            @Override
            public @Nullable Double files(double mm) {
                return pieces;
            }

            @Override
            public @Nullable Double plugs(String code) {
                return Objects.equals(code, "P-45") ? pieces : null;
            }

            @Override
            public @Nullable Double airFilters(String model) {
                return pieces;
            }

            @Override
            public @Nullable Double barOilMl() {
                return oilMl;
            }

            @Override
            public @Nullable Double mixOilMl() {
                return oilMl;
            }
        };
    }
}
