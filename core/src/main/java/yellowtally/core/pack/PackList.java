package yellowtally.core.pack;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import org.jspecify.annotations.Nullable;
import yellowtally.core.engine.FuelMix;
import yellowtally.core.engine.FuelUnit;
import yellowtally.core.measure.NumberText;
import yellowtally.core.settings.Numbers;

/** A list while it is put together: what several saws want is one line. */
final class PackList {

    private static final double ROUNDING = 1e-9;

    private final Map<Key, Draft> drafts = new LinkedHashMap<>();
    private final Stores stores;
    private final FuelUnit unit;
    private final Numbers numbers;

    PackList(Stores stores, FuelUnit unit, Numbers numbers) {
        this.stores = stores;
        this.unit = unit;
        this.numbers = numbers;
    }

    private record Key(PackKind kind, String name) {}

    private static final class Draft {
        private final @Nullable Double figure;
        private final List<String> saws = new ArrayList<>();
        private final List<String> guessed = new ArrayList<>();
        private double amount;
        private @Nullable Double there;
        private boolean soaks;

        private Draft(@Nullable Double figure) {
            this.figure = figure;
        }

        private PackLine line(Key key, double whole) {
            Double oil = key.kind() == PackKind.FUEL_MIX && figure != null
                    ? Double.valueOf(FuelMix.oilMl(whole, figure.intValue()))
                    : null;
            return new PackLine(key.kind(), key.name(), figure, whole, oil, saws, there, soaks, guessed);
        }
    }

    private Draft draft(PackKind kind, String name, @Nullable Double figure) {
        return drafts.computeIfAbsent(new Key(kind, name), key -> new Draft(figure));
    }

    private static void wantedBy(Draft draft, PackSaw saw) {
        if (!draft.saws.contains(saw.tag())) {
            draft.saws.add(saw.tag());
        }
    }

    /** Of this one so many are enough for all. */
    void one(PackKind kind, double amount) {
        draft(kind, kind.name(), null).amount = amount;
    }

    /** A saw wants so much of something that is known by its name. */
    Named want(PackKind kind, String name, PackSaw saw, double amount) {
        return new Named(added(draft(kind, name, null), saw, amount));
    }

    /** The same of something that is known by its figure; absent where nobody has said. */
    Named want(PackKind kind, @Nullable Double figure, PackSaw saw, double amount) {
        String name = figure == null ? PackLine.UNKNOWN : NumberText.said(figure, 2);
        return new Named(added(draft(kind, name, figure), saw, amount));
    }

    private static Draft added(Draft draft, PackSaw saw, double amount) {
        wantedBy(draft, saw);
        draft.amount += amount;
        return draft;
    }

    /** What more is said of a line. */
    static final class Named {
        private final Draft draft;

        private Named(Draft draft) {
            this.draft = draft;
        }

        Named there(@Nullable Double there) {
            draft.there = there;
            return this;
        }

        Named soaks(boolean soaks) {
            draft.soaks = soaks;
            return this;
        }

        Named guessedFor(PackSaw saw, boolean guessed) {
            if (guessed && !draft.guessed.contains(saw.tag())) {
                draft.guessed.add(saw.tag());
            }
            return this;
        }
    }

    /** So many tanks of fuel, in the ratio of the saw; nothing for one that burns none. */
    void fuel(PackSaw saw, double tanks) {
        if (saw.petrol()) {
            double tank = saw.fuelTankMl() == null ? saw.numbers().of(PackSetting.FUEL_TANK) : saw.fuelTankMl();
            Double ratio = saw.ratio() == null ? null : Double.valueOf(saw.ratio());
            want(PackKind.FUEL_MIX, ratio, saw, tanks * tank).guessedFor(saw, saw.fuelTankMl() == null);
        }
    }

    /** So many tanks of bar oil. */
    void barOil(PackSaw saw, double tanks) {
        double tank = saw.oilTankMl() == null ? saw.numbers().of(PackSetting.OIL_TANK) : saw.oilTankMl();
        want(PackKind.BAR_OIL, PackKind.BAR_OIL.name(), saw, tanks * tank)
                .there(stores.barOilMl())
                .guessedFor(saw, saw.oilTankMl() == null);
    }

    /** Sharpenings with the file of the saw's loop; nothing without a loop. */
    void sharpened(PackSaw saw, double times) {
        if (saw.fileMm() != null) {
            want(PackKind.ROUND_FILE, saw.fileMm(), saw, times).there(stores.files(saw.fileMm()));
        }
    }

    /**
     * What opens its cover, and turns its adjuster.
     *
     * @param hands how many work on it beside those on other saws; 0 where one does it all, saw by saw
     */
    void tools(PackSaw saw, int hands) {
        if (!saw.nuts().toolFree()) {
            want(PackKind.NUT_KEY, saw.nuts().sizeMm(), saw, hands);
            want(PackKind.SCREWDRIVER, PackKind.SCREWDRIVER.name(), saw, hands);
        }
    }

    /** All lines, in the order in which they are packed; what nobody has said comes last of its kind. */
    List<PackLine> lines() {
        double gone = 0;
        List<PackLine> lines = new ArrayList<>();
        for (PackLine line : counted()) {
            Double oil = line.mixOilMl();
            lines.add(oil == null ? line : mixed(line, oil, gone));
            gone += oil == null ? 0 : oil;
        }
        return List.copyOf(lines);
    }

    private List<PackLine> counted() {
        return drafts.entrySet().stream()
                .map(one -> one.getValue().line(one.getKey(), whole(one.getKey().kind(), one.getValue().amount)))
                .sorted(Comparator.comparing(PackLine::kind)
                        .thenComparing(PackLine::figure, Comparator.nullsLast(Comparator.naturalOrder()))
                        .thenComparing(line -> line.name().equals(PackLine.UNKNOWN))
                        .thenComparing(PackLine::name))
                .toList();
    }

    /** How much can still be mixed with the oil that other ratios leave. */
    private PackLine mixed(PackLine mix, double oil, double gone) {
        Double there = stores.mixOilMl();
        return there == null ? mix : mix.where(Math.max(0, there - gone) * mix.amount() / oil);
    }

    /** As hands pack it: whole pieces, cans filled to the next half litre or quarter of a gallon. */
    private double whole(PackKind kind, double amount) {
        if (kind.measured()) {
            double step = unit.toMl(unit == FuelUnit.LITRE ? 0.5 : 0.25);
            return step * up(amount / step);
        }
        return switch (kind) {
            case ROUND_FILE -> up(amount / numbers.of(PackSetting.FILE_SHARPENINGS));
            case NUT_KEY, SCREWDRIVER -> up(amount / numbers.of(PackSetting.SAWS_OF_A_KEY));
            default -> up(amount);
        };
    }

    private static double up(double amount) {
        return Math.max(1, Math.ceil(amount - ROUNDING));
    }
}
