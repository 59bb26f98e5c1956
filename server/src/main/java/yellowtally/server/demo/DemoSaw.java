package yellowtally.server.demo;

import org.jspecify.annotations.Nullable;
import yellowtally.core.cuttingset.Gauge;
import yellowtally.core.cuttingset.NoseKind;
import yellowtally.core.cuttingset.Pitch;
import yellowtally.core.steps.Handle;
import yellowtally.core.steps.OilerKind;
import yellowtally.core.steps.Power;
import yellowtally.core.tension.TensionMethod;
import yellowtally.core.tension.Work;
import yellowtally.server.fleet.SawChoices.Adjuster;
import yellowtally.server.fleet.SawChoices.BrakeSeat;

/** One line of the made-up fleet. */
record DemoSaw(String tag, Model model, Work work, @Nullable TensionMethod ownMethod, Story story, int crew) {

    /** Not out with any crew. */
    static final int ON_THE_RACK = -1;

    /** A made-up model with its set. */
    enum Model {
        KESTRUP_45(
                "Kestrup",
                "K45",
                Power.PETROL,
                Handle.REAR,
                45.0,
                OilerKind.AUTOMATIC_FIXED,
                BrakeSeat.COVER,
                Adjuster.SIDE,
                16,
                Pitch.P_325,
                Gauge.G_050,
                66,
                NoseKind.SEALED_SPROCKET,
                7),
        KESTRUP_50(
                "Kestrup",
                "K50",
                Power.PETROL,
                Handle.REAR,
                50.0,
                OilerKind.AUTOMATIC_ADJUSTABLE,
                BrakeSeat.COVER,
                Adjuster.SIDE,
                18,
                Pitch.P_325,
                Gauge.G_050,
                68,
                NoseKind.SEALED_SPROCKET,
                7),
        BRACKENFELL_T27(
                "Brackenfell",
                "T27",
                Power.PETROL,
                Handle.TOP,
                27.0,
                OilerKind.AUTOMATIC_FIXED,
                BrakeSeat.BODY,
                Adjuster.FRONT,
                13,
                Pitch.P_3_8_LOW_PROFILE,
                Gauge.G_050,
                50,
                NoseKind.SEALED_SPROCKET,
                6),
        BRACKENFELL_E14(
                "Brackenfell",
                "E14",
                Power.BATTERY,
                Handle.REAR,
                58.0,
                OilerKind.AUTOMATIC_FIXED,
                BrakeSeat.BODY,
                Adjuster.TOOL_FREE,
                14,
                Pitch.P_3_8_LOW_PROFILE,
                Gauge.G_043,
                52,
                NoseKind.SEALED_SPROCKET,
                6),
        BRACKENFELL_C14(
                "Brackenfell",
                "C14",
                Power.CORDED,
                Handle.REAR,
                230.0,
                OilerKind.AUTOMATIC_FIXED,
                BrakeSeat.BODY,
                Adjuster.TOOL_FREE,
                14,
                Pitch.P_3_8_LOW_PROFILE,
                Gauge.G_050,
                52,
                NoseKind.SEALED_SPROCKET,
                6),
        HARROWGILL_60(
                "Harrowgill",
                "Sixty",
                Power.PETROL,
                Handle.REAR,
                60.0,
                OilerKind.AUTOMATIC_ADJUSTABLE,
                BrakeSeat.COVER,
                Adjuster.SIDE,
                20,
                Pitch.P_3_8,
                Gauge.G_058,
                72,
                NoseKind.GREASABLE_SPROCKET,
                7),
        HARROWGILL_72(
                "Harrowgill",
                "Seventy-two",
                Power.PETROL,
                Handle.REAR,
                72.0,
                OilerKind.AUTOMATIC_ADJUSTABLE,
                BrakeSeat.BODY,
                Adjuster.SIDE,
                24,
                Pitch.P_3_8,
                Gauge.G_058,
                84,
                NoseKind.GREASABLE_SPROCKET,
                7),
        HARROWGILL_OLD_90(
                "Harrowgill",
                "Old Ninety",
                Power.PETROL,
                Handle.REAR,
                90.0,
                OilerKind.HAND_BULB,
                BrakeSeat.BODY,
                Adjuster.FRONT,
                28,
                Pitch.P_404,
                Gauge.G_063,
                92,
                NoseKind.SOLID,
                7);

        final String make;
        final String name;
        final Power power;
        final Handle handle;
        /** cc for petrol, V for the others. */
        final double strength;

        final OilerKind oiler;
        final BrakeSeat brakeSeat;
        final Adjuster adjuster;
        final double inches;
        final Pitch pitch;
        final Gauge gauge;
        final int driveLinks;
        final NoseKind nose;
        final int teeth;

        Model(
                String make,
                String name,
                Power power,
                Handle handle,
                double strength,
                OilerKind oiler,
                BrakeSeat brakeSeat,
                Adjuster adjuster,
                double inches,
                Pitch pitch,
                Gauge gauge,
                int driveLinks,
                NoseKind nose,
                int teeth) {
            this.make = make;
            this.name = name;
            this.power = power;
            this.handle = handle;
            this.strength = strength;
            this.oiler = oiler;
            this.brakeSeat = brakeSeat;
            this.adjuster = adjuster;
            this.inches = inches;
            this.pitch = pitch;
            this.gauge = gauge;
            this.driveLinks = driveLinks;
            this.nose = nose;
            this.teeth = teeth;
        }
    }

    /** How a saw's eight weeks end. */
    enum Story {
        /** Read this morning, fit. */
        FIT,
        /** Came back yesterday, not read since. */
        DUE,
        /** Chain fitted new yesterday, first recheck done. */
        NEW_CHAIN,
        /** Chain old and near its growth limit. */
        NEARLY_GROWN_OUT,
        /** Goes slack much faster of late. */
        SLACK_TOO_FAST,
        /** Last reading a throw risk. */
        THROW_RISK,
        /** Last reading taken hot. */
        READ_HOT,
        /** Its brake did not stop the chain at this morning's test. */
        BRAKE_FAILED,
        /** Back from a wet day in hard wood with a complaint. */
        WET_DAY,
        /** Lies on the bench, the visit half done. */
        ON_THE_BENCH,
        /** Failed, retested, released; the retest was struck out, and the release fell with it. */
        RELEASE_FELL,
        /** Nobody has used it for weeks. */
        LONG_REST,
        /** With a mechanic since four days. */
        AWAY,
        /** Came used from another depot with three lines of a notebook: nobody knows what else was done to it before. */
        NO_PAST
    }
}
