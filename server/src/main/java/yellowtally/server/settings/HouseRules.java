package yellowtally.server.settings;

import yellowtally.core.engine.FuelUnit;
import yellowtally.core.measure.LengthUnit;
import yellowtally.core.schedule.Seasons;
import yellowtally.core.settings.Numbers;
import yellowtally.core.tension.TensionMethod;
import yellowtally.server.support.HouseUnits;

/** The settings in force for the fleet. */
public record HouseRules(
        Numbers numbers, Seasons seasons, TensionMethod houseMethod, LengthUnit lengthUnit, FuelUnit volumeUnit)
        implements HouseUnits {}
