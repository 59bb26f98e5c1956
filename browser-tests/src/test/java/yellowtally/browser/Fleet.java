package yellowtally.browser;

import java.util.ArrayList;
import java.util.List;
import java.util.UUID;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/** What somebody else does meanwhile, sent straight to the application: new saws, steps, mapped loops. */
final class Fleet {

    private final Application application;

    Fleet(Application application) {
        this.application = application;
    }

    /**
     * What a test's own saw is made of.
     *
     * @param pitch and the sizes after it, of bar, chain and sprocket alike
     */
    record Kit(
            String model,
            String power,
            String oiler,
            String length,
            String pitch,
            String gauge,
            int driveLinks,
            String nose) {

        static final Kit STANDARD = of("PETROL", "AUTOMATIC_FIXED");
        static final Kit BATTERY = of("BATTERY", "AUTOMATIC_FIXED");

        static Kit of(String power, String oiler) {
            return new Kit("K50", power, oiler, "18 in", "P_325", "G_050", 68, "SEALED_SPROCKET");
        }

        Kit model(String other) {
            return new Kit(other, power, oiler, length, pitch, gauge, driveLinks, nose);
        }
    }

    /** Changes a setting of the whole fleet. */
    void set(String key, String value) {
        send(
                "/api/settings/changes",
                "{\"id\":\"%s\",\"key\":\"%s\",\"value\":\"%s\",\"reason\":\"For this test\"}"
                        .formatted(id(), key, value));
    }

    /** A saw of its own for one test, with a complete set. */
    void addSaw(String tag, String power, String oiler) {
        addSaw(tag, Kit.of(power, oiler));
    }

    void addSaw(String tag, Kit kit) {
        boolean petrol = kit.power().equals("PETROL");
        send("/api/saws", """
                {"id":"%1$s","tag":"%2$s",
                 "saw":{"make":"Kestrup","model":"%3$s","power":"%4$s","handle":"REAR",%5$s
                        "inService":"2026-01-05","oiler":"%6$s","brakeSeat":"COVER","adjuster":"SIDE","adjusterLead":"0.8 mm",
                        "adjusterTravel":"20 mm","captiveNuts":true,"sparkArrestor":%7$s,"usualWork":"FELLING"},
                 "set":{"chain":{"tag":"C-%2$s","create":true,"pitch":"%8$s","gauge":"%9$s","driveLinks":%10$d},
                        "bar":{"tag":"B-%2$s","create":true,"length":"%11$s","pitch":"%8$s","gauge":"%9$s",
                               "driveLinks":%10$d,"nose":"%12$s"},
                        "sprocket":{"tag":"S-%2$s","create":true,"kind":"RIM","teeth":7,"pitch":"%8$s"},
                        "newChain":false}}""".formatted(
                        id(),
                        tag,
                        kit.model(),
                        kit.power(),
                        petrol ? "\"displacementCc\":50,\"fuelRatio\":50," : "\"volts\":58,",
                        kit.oiler(),
                        petrol,
                        kit.pitch(),
                        kit.gauge(),
                        kit.driveLinks(),
                        kit.length(),
                        kit.nose()));
    }

    /** A saw of its own for one test with all its work done: fit to go out. */
    void addFitSaw(String tag, Kit kit) {
        addSaw(tag, kit);
        serve(tag);
    }

    /** All work of a saw done and its tension read: nothing holds it then but a person. */
    void serve(String tag) {
        String schedule = application.get("/api/saws/" + tag + "/schedule");
        Matcher quick =
                Pattern.compile("\"step\":\"([A-Z_]+)\",\"kind\":\"(?!REPAIR)").matcher(schedule);
        List<String> steps = new ArrayList<>();
        while (quick.find()) {
            steps.add(quick.group(1));
        }
        steps.remove("BLUING_CAUSE");
        did(tag, steps.toArray(String[]::new));
        // Turning the bar over comes before a sharpening, and is due after one that is recorded later.
        did(tag, "GROOVE", "REFIT", "NUTS", "BRAKE_RUNNING");
        send("/api/saws/" + tag + "/tension-checks", """
                {"id":"%s","occasion":"ROUTINE","work":"FELLING","readings":[
                 {"method":"TANG_LINE","value":"6","met":["NUTS_SLACK","BRAKE_OFF","NOSE_UP","COLD","OILED","PULLED_ROUND"],
                  "movement":"ONE_FINGER","tipsClearWithoutPull":false,"tightSpot":false,"turnsBefore":0}]}""".formatted(id()));
    }

    /** Saws out with the first crew. */
    void issue(List<String> tags) {
        String crew = first(application.get("/api/crews"), "\"id\":\"([^\"]+)\"");
        send(
                "/api/outings/issue",
                "{\"id\":\"%s\",\"crewId\":\"%s\",\"saws\":[\"%s\"]}"
                        .formatted(id(), crew, String.join("\",\"", tags)));
    }

    /** Whatever is out comes back as it went. */
    void takeAllBack() {
        Matcher out = Pattern.compile("\"tag\":\"([^\"]+)\"").matcher(application.get("/api/outings/open"));
        List<String> saws = new ArrayList<>();
        while (out.find()) {
            saws.add("""
                    {"tag":"%s","tanks":0,"works":[],"woods":[],"rain":false,"groundStruck":false,
                     "dustSeen":false,"hold":false}""".formatted(out.group(1)));
        }
        send("/api/outings/return", "{\"id\":\"%s\",\"saws\":[%s]}".formatted(id(), String.join(",", saws)));
    }

    static String first(String text, String pattern) {
        Matcher matcher = Pattern.compile(pattern).matcher(text);
        if (!matcher.find()) {
            throw new AssertionError(pattern + " not in " + text);
        }
        return matcher.group(1);
    }

    /** Steps done on a saw, all of them fine. */
    void did(String tag, String... steps) {
        for (String step : steps) {
            send("/api/saws/" + tag + "/records", """
                    {"id":"%s","step":"%s","input":{"said":"FINE","findings":[],"figures":{%s}}}""".formatted(id(), step, figuresOf(step)));
        }
    }

    /** What a step cannot be recorded without. */
    private static String figuresOf(String step) {
        return switch (step) {
            case "SHARPEN" -> "\"STROKES_LEFT\":\"3\",\"STROKES_RIGHT\":\"3\"";
            case "DEPTH_GAUGES" -> "\"GAUGE_SETTING\":\"0.65\"";
            default -> "";
        };
    }

    /** The loop of a saw mapped in the vice, left first, and touched up: its sides stay as they are. */
    void mapped(String tag, List<String> lengths) {
        String sharpening = id();
        send("/api/saws/" + tag + "/sharpening", "{\"id\":\"%s\"}".formatted(sharpening));
        for (int place = 0; place < lengths.size(); place++) {
            send(
                    "/api/sharpenings/" + sharpening + "/cutters",
                    "{\"id\":\"%s\",\"place\":%d,\"after\":false,\"length\":\"%s\"}"
                            .formatted(id(), place, lengths.get(place)));
        }
        send(
                "/api/sharpenings/" + sharpening + "/deal",
                "{\"id\":\"%s\",\"dull\":false,\"way\":\"SAME_ON_ALL\",\"leaveOut\":[]}".formatted(id()));
        send("/api/sharpenings/" + sharpening + "/finish", "{\"id\":\"%s\",\"allFiled\":true}".formatted(id()));
    }

    /** A complaint about a saw; answers where it is shown. */
    String complained(String tag, String complaint) {
        String fault = id();
        send(
                "/api/saws/" + tag + "/faults",
                "{\"id\":\"%s\",\"complaint\":\"%s\",\"origin\":\"PERSON\"}".formatted(fault, complaint));
        return "/faults/" + fault;
    }

    private void send(String path, String json) {
        application.send("POST", path, json);
    }

    private static String id() {
        return UUID.randomUUID().toString();
    }
}
