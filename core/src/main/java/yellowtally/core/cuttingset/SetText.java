package yellowtally.core.cuttingset;

import java.util.EnumSet;
import java.util.LinkedHashMap;
import java.util.Locale;
import java.util.Map;
import java.util.Set;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.jspecify.annotations.Nullable;
import yellowtally.core.cuttingset.SetReading.Figure;

/**
 * Reads a cutting set as it is named over a counter: {@code 16 .325 .050 66 7}, {@code 16 in, 3/8 lp, .050, 56 links, 6 t spur,
 * solid}. The length of the bar comes first, in inches where no unit stands; the rest in any order. Bar, loop and sprocket have one
 * pitch, bar and loop one gauge and one count of links: that is what the line says (handbook section 2). Without a word for them the
 * nose is a sealed sprocket and the sprocket a rim.
 */
public final class SetText {

    /** Longer texts are refused unread. */
    static final int MAX_CHARACTERS = 80;

    private static final Pattern LENGTH =
            Pattern.compile("^(\\d+(?:\\.\\d+)?)\\s*(in|inch|inches|\"|″|cm|mm)?(?=[\\s,;]|$)");

    /** Longest first: a low-profile pitch begins like the plain one. */
    private static final Map<Pattern, Pitch> PITCHES = pitches();

    private static final Map<String, Gauge> GAUGES = Map.of(
            "043",
            Gauge.G_043,
            "1.1",
            Gauge.G_043,
            "050",
            Gauge.G_050,
            "1.3",
            Gauge.G_050,
            "058",
            Gauge.G_058,
            "1.5",
            Gauge.G_058,
            "063",
            Gauge.G_063,
            "1.6",
            Gauge.G_063);

    private static final Pattern COUNT = Pattern.compile("(\\d{1,3})\\s*(dl|links|t|teeth|tooth)?");

    /** A count and what it counts, written apart. */
    private static final Pattern UNITS = Pattern.compile("(\\d)\\s+(dl|links|t|teeth|tooth)\\b");

    private static final Pattern WORDS = Pattern.compile("[\\s,;]+");

    private SetText() {}

    private static Map<Pattern, Pitch> pitches() {
        String ends = "[\"″]?(?=[\\s,;]|$)";
        Map<Pattern, Pitch> pitches = new LinkedHashMap<>();
        pitches.put(
                Pattern.compile("(?<=[\\s,;])3/8[\"″]?\\s*(?:lp|low[\\s-]profile|low)(?=[\\s,;]|$)"),
                Pitch.P_3_8_LOW_PROFILE);
        pitches.put(Pattern.compile("(?<=[\\s,;])3/8" + ends), Pitch.P_3_8);
        pitches.put(Pattern.compile("(?<=[\\s,;])1/4" + ends), Pitch.P_1_4);
        pitches.put(Pattern.compile("(?<=[\\s,;])0?[.,]?325" + ends), Pitch.P_325);
        pitches.put(Pattern.compile("(?<=[\\s,;])0?[.,]?404" + ends), Pitch.P_404);
        return pitches;
    }

    /** Reads a text; what is missing is told all at once. */
    public static SetReading read(String text) {
        String typed = text.strip().toLowerCase(Locale.ROOT);
        if (typed.length() > MAX_CHARACTERS) {
            return new SetReading.Refused(Set.of(), text.substring(0, MAX_CHARACTERS));
        }
        return new Reader(typed).read();
    }

    /** A set as this reads it; {@code null} figures are left out. */
    public static String of(BarSpec bar, @Nullable SprocketSpec sprocket) {
        String length =
                String.format(Locale.ROOT, "%.1f", bar.lengthMm() / 25.4).replaceFirst("\\.0$", "");
        StringBuilder text = new StringBuilder(length)
                .append(" in, ")
                .append(
                        bar.pitch() == Pitch.P_3_8_LOW_PROFILE
                                ? "3/8 lp"
                                : bar.pitch().label())
                .append(", ")
                .append(bar.gauge().label())
                .append(", ")
                .append(bar.driveLinks())
                .append(" links");
        if (sprocket != null) {
            text.append(", ").append(sprocket.teeth()).append(sprocket.kind() == SprocketKind.SPUR ? " t spur" : " t");
        }
        return switch (bar.nose()) {
            case SOLID -> text.append(", solid").toString();
            case GREASABLE_SPROCKET -> text.append(", greasable").toString();
            case SEALED_SPROCKET -> text.toString();
        };
    }

    /** One text while it is read: what is understood is taken out of it. */
    private static final class Reader {
        private String left;
        private @Nullable Double lengthMm;
        private @Nullable Pitch pitch;
        private @Nullable Gauge gauge;
        private @Nullable Integer links;
        private @Nullable Integer teeth;
        private NoseKind nose = NoseKind.SEALED_SPROCKET;
        private SprocketKind kind = SprocketKind.RIM;

        Reader(String typed) {
            this.left = typed;
        }

        SetReading read() {
            takeLength();
            // What follows a space: a text that begins with its pitch has none.
            left = " " + left;
            takePitch();
            String unread = null;
            for (String word : WORDS.split(UNITS.matcher(left).replaceAll("$1$2"), -1)) {
                if (!word.isEmpty() && !take(word) && unread == null) {
                    unread = word;
                }
            }
            Set<Figure> missing = EnumSet.noneOf(Figure.class);
            if (lengthMm == null) {
                missing.add(Figure.LENGTH);
            }
            if (pitch == null) {
                missing.add(Figure.PITCH);
            }
            if (gauge == null) {
                missing.add(Figure.GAUGE);
            }
            if (links == null) {
                missing.add(Figure.DRIVE_LINKS);
            }
            if (lengthMm == null || pitch == null || gauge == null || links == null || unread != null) {
                return new SetReading.Refused(missing, unread);
            }
            return new SetReading.Read(
                    new BarSpec(lengthMm, pitch, gauge, links, nose),
                    new LoopSpec(pitch, gauge, links),
                    teeth == null ? null : new SprocketSpec(kind, teeth, pitch));
        }

        private void takeLength() {
            Matcher length = LENGTH.matcher(left);
            if (length.find()) {
                double figure = Double.parseDouble(length.group(1).replace(',', '.'));
                String unit = length.group(2);
                double mm =
                        unit == null || !unit.endsWith("m") ? figure * 25.4 : unit.equals("cm") ? figure * 10 : figure;
                if (mm >= BarSpec.MIN_LENGTH_MM && mm <= BarSpec.MAX_LENGTH_MM) {
                    lengthMm = mm;
                    left = left.substring(length.end());
                }
            }
        }

        private void takePitch() {
            for (Map.Entry<Pattern, Pitch> known : PITCHES.entrySet()) {
                Matcher found = known.getKey().matcher(left);
                if (found.find()) {
                    pitch = known.getValue();
                    left = left.substring(0, found.start()) + left.substring(found.end());
                    return;
                }
            }
        }

        private boolean take(String word) {
            Gauge known = GAUGES.get(word.replaceFirst("^0?[.,](?=0)", "").replaceFirst("(?:mm|[\"″])$", ""));
            if (known != null) {
                return first(gauge == null, () -> gauge = known);
            }
            switch (word) {
                case "solid" -> nose = NoseKind.SOLID;
                case "greasable", "grease" -> nose = NoseKind.GREASABLE_SPROCKET;
                case "sealed" -> nose = NoseKind.SEALED_SPROCKET;
                case "spur" -> kind = SprocketKind.SPUR;
                case "rim" -> kind = SprocketKind.RIM;
                default -> {
                    return takeCount(word);
                }
            }
            return true;
        }

        private boolean takeCount(String word) {
            Matcher count = COUNT.matcher(word);
            if (!count.matches()) {
                return false;
            }
            int figure = Integer.parseInt(count.group(1));
            String unit = count.group(2);
            boolean couldBeLinks = figure >= LoopSpec.MIN_DRIVE_LINKS && figure <= LoopSpec.MAX_DRIVE_LINKS;
            boolean couldBeTeeth = figure >= SprocketSpec.MIN_TEETH && figure <= SprocketSpec.MAX_TEETH;
            if (couldBeLinks && (unit == null || !unit.startsWith("t"))) {
                return first(links == null, () -> links = figure);
            }
            return couldBeTeeth && (unit == null || unit.startsWith("t")) && first(teeth == null, () -> teeth = figure);
        }

        /** A figure that was told twice is read once: of the second nobody knows what it means. */
        private static boolean first(boolean is, Runnable take) {
            if (is) {
                take.run();
            }
            return is;
        }
    }
}
