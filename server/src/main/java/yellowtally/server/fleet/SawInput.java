package yellowtally.server.fleet;

import java.time.LocalDate;
import java.util.Optional;
import org.jspecify.annotations.Nullable;
import yellowtally.core.engine.FuelUnit;
import yellowtally.core.steps.Handle;
import yellowtally.core.steps.OilerKind;
import yellowtally.core.steps.Power;
import yellowtally.core.tension.TensionMethod;
import yellowtally.core.tension.Work;
import yellowtally.server.support.HouseUnits;
import yellowtally.server.support.Violations;

/**
 * A saw's card as typed, lengths and volumes as written, in the units of the fleet where none is named. What is wrong is told all
 * at once.
 */
public record SawInput(
        String make,
        String model,
        Power power,
        Handle handle,
        @Nullable Double displacementCc,
        @Nullable Double volts,
        LocalDate inService,
        @Nullable Integer fuelRatio,
        @Nullable String fuelTank,
        @Nullable String oilTank,
        OilerKind oiler,
        SawChoices.BrakeSeat brakeSeat,
        SawChoices.Adjuster adjuster,
        @Nullable String adjusterLead,
        @Nullable String adjusterTravel,
        @Nullable String nutSize,
        boolean captiveNuts,
        boolean sparkArrestor,
        @Nullable String plugCode,
        @Nullable TensionMethod houseMethod,
        Work usualWork) {

    private static final double STANDARD_LEAD_MM = 0.8;
    private static final double LEAST_NUT_MM = 7;
    private static final double MOST_NUT_MM = 30;

    /** The card, checked; what belongs to another kind of power is left off. */
    SawDetails details(LocalDate today, Models models, HouseUnits house, Violations wrong) {
        FuelUnit volumes = house.volumeUnit();
        boolean petrol = power == Power.PETROL;
        if (inService.isAfter(today)) {
            wrong.add("saw.inService", "date.future");
        }
        if (!oiler.possibleOn(power)) {
            wrong.add("saw.oiler", "saw.oilerOfPower");
        }
        return new SawDetails(
                models.named(wrong.text("saw.make", make, 60), wrong.text("saw.model", model, 60)),
                power,
                handle,
                petrol ? wrong.optionalNumber("saw.displacementCc", displacementCc, 15, 200) : null,
                petrol ? null : wrong.optionalNumber("saw.volts", volts, 10, 600),
                inService,
                petrol && fuelRatio != null
                        ? Integer.valueOf((int) wrong.number("saw.fuelRatio", fuelRatio.doubleValue(), 16, 100))
                        : null,
                petrol ? wrong.optionalVolume("saw.fuelTank", fuelTank, volumes, 50, 3000) : null,
                wrong.optionalVolume("saw.oilTank", oilTank, volumes, 20, 2000),
                oiler,
                brakeSeat,
                adjuster,
                length("saw.adjusterLead", adjusterLead, house, 0.2, 5, wrong).orElse(STANDARD_LEAD_MM),
                length("saw.adjusterTravel", adjusterTravel, house, 3, 60, wrong)
                        .orElse(null),
                length("saw.nutSize", nutSize, house, LEAST_NUT_MM, MOST_NUT_MM, wrong)
                        .orElse(null),
                captiveNuts,
                petrol && sparkArrestor,
                petrol ? wrong.optionalText("saw.plugCode", plugCode, 30) : null,
                houseMethod,
                usualWork);
    }

    private static Optional<Double> length(
            String field, @Nullable String typed, HouseUnits house, double least, double most, Violations wrong) {
        return typed == null || typed.isBlank()
                ? Optional.empty()
                : wrong.length(field, typed, house.lengthUnit(), least, most);
    }
}
