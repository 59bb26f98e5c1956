package yellowtally.server.fleet;

import com.fasterxml.jackson.annotation.JsonUnwrapped;
import jakarta.persistence.Embeddable;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.ManyToOne;
import java.time.LocalDate;
import org.jspecify.annotations.Nullable;
import yellowtally.core.steps.Handle;
import yellowtally.core.steps.OilerKind;
import yellowtally.core.steps.Power;
import yellowtally.core.tension.TensionMethod;
import yellowtally.core.tension.Work;

/**
 * What is written on a saw's card (handbook section 2). Petrol fields are absent on electric saws and the other way round.
 *
 * @param displacementCc cc, petrol only
 * @param volts V, battery and corded only
 * @param fuelRatio parts of fuel to one of oil, petrol only
 * @param adjusterLeadMm mm per turn
 * @param adjusterTravelMm whole travel in mm; absent when not known
 * @param nutMm bar nuts across flats, mm; absent when not known
 * @param houseMethod how this saw's tension is read; absent: as the fleet does
 * @param usualWork what it mostly does
 */
@Embeddable
public record SawDetails(
        @ManyToOne @JsonUnwrapped Model model,
        @Enumerated(EnumType.STRING) Power power,
        @Enumerated(EnumType.STRING) Handle handle,
        @Nullable Double displacementCc,
        @Nullable Double volts,
        LocalDate inService,
        @Nullable Integer fuelRatio,
        @Nullable Double fuelTankMl,
        @Nullable Double oilTankMl,
        @Enumerated(EnumType.STRING) OilerKind oiler,
        @Enumerated(EnumType.STRING) SawChoices.BrakeSeat brakeSeat,
        @Enumerated(EnumType.STRING) SawChoices.Adjuster adjuster,
        Double adjusterLeadMm,
        @Nullable Double adjusterTravelMm,
        @Nullable Double nutMm,
        Boolean captiveNuts,
        Boolean sparkArrestor,
        @Nullable String plugCode,
        @Enumerated(EnumType.STRING) @Nullable TensionMethod houseMethod,
        @Enumerated(EnumType.STRING) Work usualWork) {}
