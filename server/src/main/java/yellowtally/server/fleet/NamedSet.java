package yellowtally.server.fleet;

import java.util.Locale;
import java.util.Optional;
import org.jspecify.annotations.Nullable;
import yellowtally.core.cuttingset.SetReading;
import yellowtally.core.cuttingset.SetText;
import yellowtally.core.cuttingset.SprocketSpec;
import yellowtally.server.support.Violations;

/** A set that is named by its figures in one line: its new parts are given the figures that the line says. */
final class NamedSet {

    private static final String FIELD = "set.figures";
    private static final int LONGEST = 80;

    private NamedSet() {}

    /** The set with its figures, or as it is where no line names it; what the line does not say is told in {@code wrong}. */
    static Optional<SetInput> of(SetInput given, Violations wrong) {
        if (given.figures() == null) {
            return Optional.of(given);
        }
        String line = wrong.text(FIELD, given.figures(), LONGEST);
        if (wrong.faults().stream().anyMatch(fault -> fault.field().equals(FIELD))) {
            return Optional.empty();
        }
        if (SetText.read(line) instanceof SetReading.Read read) {
            return Optional.of(named(given, read));
        }
        SetReading.Refused refused = (SetReading.Refused) SetText.read(line);
        if (refused.unread() != null) {
            wrong.add(FIELD, "set.figures.UNREAD", refused.unread());
        }
        refused.missing().stream().sorted().forEach(figure -> wrong.add(FIELD, "set.figures." + figure));
        return Optional.empty();
    }

    /** How a line was understood; absent where there is none, or none that says it all. */
    static @Nullable String understood(SetInput given) {
        return given.figures() != null && SetText.read(given.figures()) instanceof SetReading.Read read
                ? SetText.of(read.bar(), read.sprocket())
                : null;
    }

    private static SetInput named(SetInput given, SetReading.Read read) {
        return new SetInput(
                given.chain() == null || !given.chain().create() ? given.chain() : chain(given.chain(), read),
                given.bar() == null || !given.bar().create() ? given.bar() : bar(given.bar(), read),
                given.sprocket() == null || !given.sprocket().create()
                        ? given.sprocket()
                        : sprocket(given.sprocket(), read.sprocket()),
                null,
                given.newChain(),
                given.soakHours(),
                given.note());
    }

    private static SetInput.ChainInput chain(SetInput.ChainInput of, SetReading.Read read) {
        return new SetInput.ChainInput(
                of.tag(),
                true,
                read.loop().pitch(),
                read.loop().gauge(),
                read.loop().driveLinks(),
                of.sequence(),
                of.cutterProfile(),
                of.topPlateAngle(),
                of.downTilt(),
                of.tangDepth(),
                of.newCutter(),
                of.wearMark(),
                of.file());
    }

    private static SetInput.BarInput bar(SetInput.BarInput of, SetReading.Read read) {
        return new SetInput.BarInput(
                of.tag(),
                true,
                String.format(Locale.ROOT, "%.3f mm", read.bar().lengthMm()),
                read.bar().pitch(),
                read.bar().gauge(),
                read.bar().driveLinks(),
                read.bar().nose());
    }

    private static SetInput.@Nullable SprocketInput sprocket(SetInput.SprocketInput of, @Nullable SprocketSpec read) {
        return read == null
                ? null
                : new SetInput.SprocketInput(of.tag(), true, read.kind(), read.teeth(), read.pitch());
    }
}
