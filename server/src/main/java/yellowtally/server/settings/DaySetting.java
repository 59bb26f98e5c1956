package yellowtally.server.settings;

import java.time.MonthDay;
import java.time.format.DateTimeParseException;
import java.util.Optional;
import yellowtally.core.schedule.Seasons;

/** Settings that are a day of the year. */
enum DaySetting {
    FIRE_FROM(
            "season.fire.from",
            Seasons.STANDARD.fireFrom(),
            "First day of the fire season: arrestor screens fall due."),
    FIRE_TO("season.fire.to", Seasons.STANDARD.fireTo(), "Last day of the fire season."),
    COLD_FROM("season.cold.from", Seasons.STANDARD.coldFrom(), "First day of the cold: thin oil, and a card test."),
    COLD_TO("season.cold.to", Seasons.STANDARD.coldTo(), "Last day of the cold.");

    private final String key;
    private final MonthDay standard;
    private final String why;

    DaySetting(String key, MonthDay standard, String why) {
        this.key = key;
        this.standard = standard;
        this.why = why;
    }

    String key() {
        return key;
    }

    MonthDay standard() {
        return standard;
    }

    String why() {
        return why;
    }

    /** Reads month and day as {@code 04-01}; empty when it is none. */
    static Optional<MonthDay> read(String text) {
        try {
            return Optional.of(MonthDay.parse("--" + text.strip()));
        } catch (DateTimeParseException e) {
            return Optional.empty();
        }
    }

    static String write(MonthDay day) {
        return day.toString().substring(2);
    }
}
