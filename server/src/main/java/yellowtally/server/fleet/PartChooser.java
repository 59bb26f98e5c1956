package yellowtally.server.fleet;

import java.util.Locale;
import java.util.Optional;
import java.util.UUID;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;
import yellowtally.core.cuttingset.BarSpec;
import yellowtally.core.cuttingset.CutterSequence;
import yellowtally.core.cuttingset.Gauge;
import yellowtally.core.cuttingset.LoopSpec;
import yellowtally.core.cuttingset.Pitch;
import yellowtally.core.cuttingset.SprocketSpec;
import yellowtally.core.measure.LengthUnit;
import yellowtally.server.support.HouseUnits;
import yellowtally.server.support.Violations;
import yellowtally.server.support.Writing;

/** Finds the parts that an officer chose, or makes the new ones, and gathers what is wrong with them. Stores nothing. */
@Component
class PartChooser {

    static final String TAG_FORM = "[A-Za-z0-9][A-Za-z0-9-]{0,11}";

    private final FleetRepositories.Parts parts;
    private final PartsElsewhere elsewhere;
    private final HouseUnits house;

    PartChooser(FleetRepositories.Parts parts, PartsElsewhere elsewhere, HouseUnits house) {
        this.parts = parts;
        this.elsewhere = elsewhere;
        this.house = house;
    }

    /** The parts chosen; one with something wrong is absent and said in {@code wrong}. */
    ChosenSet choose(SetInput given, @Nullable UUID sawId, Violations wrong) {
        SetInput input = NamedSet.of(given, wrong).orElse(null);
        if (input == null) {
            return new ChosenSet(null, null, null);
        }
        if (Writing.now()) {
            claim(input);
        }
        return new ChosenSet(
                input.chain() == null ? null : chain(input.chain(), sawId, wrong),
                input.bar() == null ? null : bar(input.bar(), sawId, wrong),
                input.sprocket() == null ? null : sprocket(input.sprocket(), sawId, wrong));
    }

    /**
     * Whoever fits parts waits until nobody gives them away any more, and sees then where they are: in one order, so that two who need
     * the same do not wait for each other for ever.
     */
    private void claim(SetInput input) {
        Stream.of(
                        input.chain() == null ? null : input.chain().tag(),
                        input.bar() == null ? null : input.bar().tag(),
                        input.sprocket() == null ? null : input.sprocket().tag())
                .flatMap(Stream::ofNullable)
                .map(tag -> tag.toUpperCase(Locale.ROOT))
                .sorted()
                .forEach(parts::waitFor);
    }

    private @Nullable Chain chain(SetInput.ChainInput given, @Nullable UUID sawId, Violations wrong) {
        Optional<Part> known = parts.findByTag(given.tag());
        if (!given.create()) {
            return existing(Chain.class, "set.chain.tag", given.tag(), known, sawId, wrong);
        }
        Violations own = new Violations();
        newTag("set.chain.tag", given.tag(), known.isPresent(), own);
        Pitch pitch = chosen("set.chain.pitch", given.pitch(), own);
        Gauge gauge = chosen("set.chain.gauge", given.gauge(), own);
        int links = count(
                "set.chain.driveLinks", given.driveLinks(), LoopSpec.MIN_DRIVE_LINKS, LoopSpec.MAX_DRIVE_LINKS, own);
        double angle = number("set.chain.topPlateAngle", given.topPlateAngle(), 30, 0, 45, own);
        double tilt = number("set.chain.downTilt", given.downTilt(), 0, 0, 20, own);
        OfItsMaker maker = OfItsMaker.read(
                new OfItsMaker.Typed(given.tangDepth(), given.newCutter(), given.wearMark(), given.file()),
                house.lengthUnit(),
                "set.chain.",
                own);
        if (wrong.takeOver(own) || pitch == null || gauge == null) {
            return null;
        }
        return new Chain(
                UUID.randomUUID(),
                given.tag(),
                pitch,
                gauge,
                links,
                given.sequence() == null ? CutterSequence.STANDARD : given.sequence(),
                given.cutterProfile() == null ? SawChoices.CutterProfile.SEMI_CHISEL : given.cutterProfile(),
                angle,
                tilt,
                maker);
    }

    private @Nullable Bar bar(SetInput.BarInput given, @Nullable UUID sawId, Violations wrong) {
        Optional<Part> known = parts.findByTag(given.tag());
        if (!given.create()) {
            return existing(Bar.class, "set.bar.tag", given.tag(), known, sawId, wrong);
        }
        Violations own = new Violations();
        newTag("set.bar.tag", given.tag(), known.isPresent(), own);
        Optional<Double> length = own.length(
                "set.bar.length", given.length(), LengthUnit.INCH, BarSpec.MIN_LENGTH_MM, BarSpec.MAX_LENGTH_MM);
        Pitch pitch = chosen("set.bar.pitch", given.pitch(), own);
        Gauge gauge = chosen("set.bar.gauge", given.gauge(), own);
        int links = count(
                "set.bar.driveLinks", given.driveLinks(), LoopSpec.MIN_DRIVE_LINKS, LoopSpec.MAX_DRIVE_LINKS, own);
        var nose = chosen("set.bar.nose", given.nose(), own);
        if (wrong.takeOver(own) || pitch == null || gauge == null || nose == null) {
            return null;
        }
        return new Bar(UUID.randomUUID(), given.tag(), length.orElseThrow(), pitch, gauge, links, nose);
    }

    private @Nullable Sprocket sprocket(SetInput.SprocketInput given, @Nullable UUID sawId, Violations wrong) {
        Optional<Part> known = parts.findByTag(given.tag());
        if (!given.create()) {
            return existing(Sprocket.class, "set.sprocket.tag", given.tag(), known, sawId, wrong);
        }
        Violations own = new Violations();
        newTag("set.sprocket.tag", given.tag(), known.isPresent(), own);
        var kind = chosen("set.sprocket.kind", given.kind(), own);
        int teeth = count("set.sprocket.teeth", given.teeth(), SprocketSpec.MIN_TEETH, SprocketSpec.MAX_TEETH, own);
        Pitch pitch = chosen("set.sprocket.pitch", given.pitch(), own);
        if (wrong.takeOver(own) || kind == null || pitch == null) {
            return null;
        }
        return new Sprocket(UUID.randomUUID(), given.tag(), kind, teeth, pitch);
    }

    private <T extends Part> @Nullable T existing(
            Class<T> kind, String field, String tag, Optional<Part> found, @Nullable UUID sawId, Violations wrong) {
        Optional<T> known = found.filter(kind::isInstance).map(kind::cast);
        if (known.isEmpty()) {
            wrong.add(field, "part.unknown", tag);
            return null;
        }
        if (known.get().retiredAt() != null) {
            wrong.add(field, "part.retired", tag);
            return null;
        }
        Optional<String> who = elsewhere.who(known.get().id());
        if (who.isPresent()) {
            wrong.add(field, "part.away", tag, who.get());
            return null;
        }
        UUID at = known.get().sawId();
        if (at != null && !at.equals(sawId)) {
            wrong.add(field, "part.elsewhere", tag);
            return null;
        }
        return known.get();
    }

    /** Says what is wrong with a tag for a new part. */
    void newTag(String field, String tag, Violations wrong) {
        newTag(field, tag, parts.findByTag(tag).isPresent(), wrong);
    }

    private static void newTag(String field, String tag, boolean taken, Violations wrong) {
        if (!tag.matches(TAG_FORM)) {
            wrong.add(field, "tag.form");
        } else if (taken) {
            wrong.add(field, "part.taken", tag);
        }
    }

    private static <T> @Nullable T chosen(String field, @Nullable T given, Violations wrong) {
        if (given == null) {
            wrong.add(field, "missing");
        }
        return given;
    }

    private static int count(String field, @Nullable Integer given, int least, int most, Violations wrong) {
        return (int) wrong.number(field, given == null ? null : given.doubleValue(), least, most);
    }

    private static double number(
            String field, @Nullable Double given, double standard, double least, double most, Violations wrong) {
        return given == null ? standard : wrong.number(field, given, least, most);
    }
}
