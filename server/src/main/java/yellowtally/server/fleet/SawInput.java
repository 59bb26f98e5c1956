package yellowtally.server.fleet;

import java.time.LocalDate;
import org.jspecify.annotations.Nullable;
import yellowtally.core.steps.OilerKind;
import yellowtally.core.steps.Power;
import yellowtally.core.tension.TensionMethod;
import yellowtally.core.tension.Work;
import yellowtally.server.support.Violations;

/** A saw's card as typed. Absent figures are told one by one, all at once. */
public record SawInput(
        String make,
        String model,
        Power power,
        SawChoices.Handle handle,
        @Nullable Double displacementCc,
        @Nullable Double volts,
        LocalDate inService,
        @Nullable Integer fuelRatio,
        @Nullable Double fuelTankMl,
        @Nullable Double oilTankMl,
        OilerKind oiler,
        SawChoices.BrakeSeat brakeSeat,
        SawChoices.Adjuster adjuster,
        @Nullable Double adjusterLeadMm,
        @Nullable Double adjusterTravelMm,
        boolean captiveNuts,
        boolean sparkArrestor,
        @Nullable String plugCode,
        @Nullable TensionMethod houseMethod,
        Work usualWork) {

    private static final double STANDARD_LEAD_MM = 0.8;

    /** The card, checked; what belongs to another kind of power is left off. */
    SawDetails details(LocalDate today, Models models, Violations wrong) {
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
                petrol ? wrong.optionalNumber("saw.fuelTankMl", fuelTankMl, 50, 3000) : null,
                wrong.optionalNumber("saw.oilTankMl", oilTankMl, 20, 2000),
                oiler,
                brakeSeat,
                adjuster,
                adjusterLeadMm == null ? STANDARD_LEAD_MM : wrong.number("saw.adjusterLeadMm", adjusterLeadMm, 0.2, 5),
                wrong.optionalNumber("saw.adjusterTravelMm", adjusterTravelMm, 3, 60),
                captiveNuts,
                petrol && sparkArrestor,
                petrol ? wrong.optionalText("saw.plugCode", plugCode, 30) : null,
                houseMethod,
                usualWork);
    }
}
