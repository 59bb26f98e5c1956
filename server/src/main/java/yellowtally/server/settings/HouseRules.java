package yellowtally.server.settings;

import yellowtally.core.measure.LengthUnit;
import yellowtally.core.tension.TensionMethod;
import yellowtally.core.tension.TensionSettings;

/** The settings in force. */
public record HouseRules(TensionSettings tension, TensionMethod houseMethod, LengthUnit lengthUnit) {}
