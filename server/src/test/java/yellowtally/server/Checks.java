package yellowtally.server;

import java.time.Instant;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.UUID;
import tools.jackson.databind.JsonNode;
import yellowtally.core.steps.Measure;
import yellowtally.core.steps.Step;
import yellowtally.core.steps.StepKind;
import yellowtally.server.RunningServer.Api;
import yellowtally.server.fleet.Fleet;
import yellowtally.server.fleet.Saw;
import yellowtally.server.support.OnceOnly;
import yellowtally.server.worklog.WorkOutcome;
import yellowtally.server.worklog.WorkRecord;
import yellowtally.server.worklog.Worklog;

/** Requests of the tests, as the screens send them. */
final class Checks {

    static final String FAIR = "[\"NUTS_SLACK\",\"BRAKE_OFF\",\"NOSE_UP\",\"COLD\",\"OILED\",\"PULLED_ROUND\"]";

    private Checks() {}

    static String reading(String value) {
        return reading(value, FAIR, 0);
    }

    static String reading(String value, String met, double turnsBefore) {
        return """
                {"method":"TANG_LINE","value":"%s","met":%s,"movement":"ONE_FINGER","tipsClearWithoutPull":false,
                 "tightSpot":false,"turnsBefore":%s}""".formatted(value.replace("\"", "\\\""), met, turnsBefore);
    }

    static String check(Api api, String id, String... readings) {
        return checkOf(api, id, "ROUTINE", "", readings);
    }

    /** {@code extra} is further JSON members, each with a leading comma. */
    static String checkOf(Api api, String id, String occasion, String extra, String... readings) {
        return """
                {"id":"%s","occasion":"%s","work":"FELLING","readings":[%s]%s}""".formatted(id, occasion, String.join(",", readings), extra);
    }

    /** A step outside a visit. {@code extra} is further JSON members, each with a leading comma. */
    static String step(Api api, String step, String said, String findings, String extra) {
        return stepOf(api, RunningServer.id(), step, said, findings, "{}", extra);
    }

    static String stepOf(Api api, String id, String step, String said, String findings, String figures, String extra) {
        return """
                {"id":"%s","step":"%s",
                 "input":{"said":"%s","findings":[%s],"figures":%s}%s}""".formatted(id, step, said, findings, figures, extra);
    }

    /** Set back after fitting, and both brake tests, passed. */
    static void testBrake(Api api, String tag) {
        for (String step : new String[] {"BRAKE_LEVER", "REFIT", "NUTS", "BRAKE_RUNNING"}) {
            api.post("/api/saws/" + tag + "/records", step(api, step, "FINE", "", ""));
        }
    }

    /** The set goes back on, chain the right way round, read and tight, and the brake stops it. */
    static void setBack(Api api, String tag) {
        for (String step : new String[] {"REFIT", "NUTS", "BRAKE_RUNNING"}) {
            api.post("/api/saws/" + tag + "/records", step(api, step, "FINE", "", ""));
        }
        api.post("/api/saws/" + tag + "/tension-checks", check(api, RunningServer.id(), reading("6")));
    }

    /** A new saw with everything done today: fit. */
    static String fitSaw(Api api, String letter) {
        String tag = letter + RunningServer.id().substring(0, 6);
        api.post("/api/saws", newSaw(api, RunningServer.id(), tag, 68));
        serve(api, tag);
        api.post("/api/saws/" + tag + "/tension-checks", check(api, RunningServer.id(), reading("6")));
        return tag;
    }

    /**
     * Every step but tension done today, in one write, so that only what a test does makes the saw due. Written down as it would be
     * judged: a step that is fine needs no judge, and each of thirty would ask for the whole saw.
     */
    static void serve(Api api, String tag) {
        List<Step> steps = new ArrayList<>();
        for (JsonNode quick : api.get("/api/saws/" + tag + "/schedule").body().path("quick")) {
            Step step = Step.valueOf(quick.path("step").asString());
            if (step != Step.BLUING_CAUSE && step.kind() != StepKind.REPAIR) {
                steps.add(step);
            }
        }
        // Turning the bar over came after the sharpening; then the set was set back.
        steps.addAll(List.of(Step.GROOVE, Step.REFIT, Step.NUTS, Step.BRAKE_RUNNING));
        RunningServer.bean(OnceOnly.class).run(UUID.randomUUID(), steps, () -> {
            Saw saw = RunningServer.bean(Fleet.class).saw(tag);
            WorkRecord.Parts parts =
                    Worklog.parts(RunningServer.bean(Fleet.class).set(saw));
            for (Step step : steps) {
                Instant at = Instant.now();
                WorkRecord.Head head = new WorkRecord.Head(
                        UUID.randomUUID(), saw.id(), null, step, at, at, UUID.fromString(api.officer()), "test", parts);
                RunningServer.bean(Worklog.class)
                        .add(new WorkRecord(head, WorkOutcome.FINE, null, null).with(Set.of(), served(step)), Set.of());
            }
        });
    }

    private static Map<Measure, Double> served(Step step) {
        return switch (step) {
            case SHARPEN -> Map.of(Measure.STROKES_LEFT, 3.0, Measure.STROKES_RIGHT, 3.0);
            case DEPTH_GAUGES -> Map.of(Measure.GAUGE_SETTING, 0.65);
            default -> Map.of();
        };
    }

    /** The chain of a saw goes back to the shelf. */
    static void takeChainOff(Api api, String other) {
        JsonNode saw = api.get("/api/saws/" + other).body();
        api.post(
                "/api/saws/" + other + "/fittings",
                "{\"id\":\"%s\",\"version\":%d,\"set\":{\"bar\":{\"tag\":\"B-%s\",\"create\":false},\"sprocket\":{\"tag\":\"S-%s\",\"create\":false}}}"
                        .formatted(RunningServer.id(), saw.path("version").asInt(), other, other));
    }

    /** Saws out to the first crew, an hour and a half ago, so that there was time to burn something. */
    static String issue(Api api, String... tags) {
        return """
                {"id":"%s","crewId":"%s","at":"%s","reason":"Written down after the rush","saws":["%s"]}""".formatted(
                        RunningServer.id(),
                        api.get("/api/crews").body().get(0).path("id").asString(),
                        Instant.now().minusSeconds(5400),
                        String.join("\",\"", tags));
    }

    /** Saws back, each as {@link #backSaw} says. */
    static String back(Api api, String... saws) {
        return "{\"id\":\"%s\",\"saws\":[%s]}".formatted(RunningServer.id(), String.join(",", saws));
    }

    /** {@code extra} is further JSON members, each with a leading comma. */
    static String backSaw(String tag, double tanks, String extra) {
        return """
                {"tag":"%s","tanks":%s,"works":["FELLING"],"woods":["SOFT"],"rain":false,"groundStruck":false,
                 "dustSeen":false,"hold":false%s}""".formatted(tag, tanks, extra);
    }

    static String release() {
        return "{\"id\":\"%s\"}".formatted(RunningServer.id());
    }

    /** A new saw with a matching 18 in set of new parts. */
    static String newSaw(Api api, String id, String tag, int chainLinks) {
        return newSaw(api, id, tag, card("Kestrup"), chainLinks);
    }

    /** One of another power or oiler; what burns fuel has its mix, what does not has its volts. */
    static String newSaw(Api api, String id, String tag, int chainLinks, String power, String oiler) {
        String card = card("Kestrup").replace("AUTOMATIC_FIXED", oiler);
        if (!power.equals("PETROL")) {
            card = card.replace("PETROL", power)
                    .replace("\"displacementCc\":50", "\"volts\":58")
                    .replace("\"fuelRatio\":50,", "")
                    .replace("\"sparkArrestor\":true", "\"sparkArrestor\":false");
        }
        return newSaw(api, id, tag, card, chainLinks);
    }

    private static String newSaw(Api api, String id, String tag, String card, int chainLinks) {
        return """
                {"id":"%s","tag":"%s","saw":%s,"set":%s}""".formatted(id, tag, card, set(tag, chainLinks));
    }

    /** In service for so short a time that nobody has to look it over for having rested. */
    static String card(String make) {
        return """
                {"make":"%s","model":"K50","power":"PETROL","handle":"REAR","displacementCc":50,"inService":"%s",
                 "fuelRatio":50,"oiler":"AUTOMATIC_FIXED","brakeSeat":"COVER","adjuster":"SIDE","adjusterLead":"0.8",
                 "adjusterTravel":"20","captiveNuts":true,"sparkArrestor":true,"usualWork":"FELLING"}""".formatted(make, LocalDate.now().minusDays(25));
    }

    static String set(String tag, int chainLinks) {
        return """
                {"chain":{"tag":"C-%1$s","create":true,"pitch":"P_325","gauge":"G_050","driveLinks":%2$d},
                 "bar":{"tag":"B-%1$s","create":true,"length":"18 in","pitch":"P_325","gauge":"G_050","driveLinks":68,
                        "nose":"SEALED_SPROCKET"},
                 "sprocket":{"tag":"S-%1$s","create":true,"kind":"RIM","teeth":7,"pitch":"P_325"},
                 "newChain":false}""".formatted(tag, chainLinks);
    }
}
