package yellowtally.server.settings;

import yellowtally.core.measure.LengthUnit;
import yellowtally.core.schedule.Seasons;
import yellowtally.core.settings.Numbers;
import yellowtally.core.tension.TensionMethod;

/** The settings in force for the fleet. */
public record HouseRules(Numbers numbers, Seasons seasons, TensionMethod houseMethod, LengthUnit lengthUnit) {}
