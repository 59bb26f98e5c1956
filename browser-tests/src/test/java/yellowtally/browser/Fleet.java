package yellowtally.browser;

import java.util.List;
import java.util.UUID;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/** What somebody else does meanwhile, sent straight to the application: new saws, steps, mapped loops. */
final class Fleet {

    private final Application application;
    private final String officer;

    Fleet(Application application) {
        this.application = application;
        Matcher found =
                Pattern.compile("\"id\":\"([^\"]+)\",\"name\":\"Ida Marsh\"").matcher(application.get("/api/people"));
        if (!found.find()) {
            throw new AssertionError("no officer");
        }
        this.officer = found.group(1);
    }

    /** A saw of its own for one test, with a complete set. */
    void addSaw(String tag, String power, String oiler) {
        boolean petrol = power.equals("PETROL");
        send("/api/saws", """
                {"id":"%1$s","personId":"%2$s","device":"test","tag":"%3$s",
                 "saw":{"make":"Kestrup","model":"K50","power":"%4$s","handle":"REAR",%5$s
                        "inService":"2026-01-05","oiler":"%6$s","brakeSeat":"COVER","adjuster":"SIDE","adjusterLeadMm":0.8,
                        "adjusterTravelMm":20,"captiveNuts":true,"sparkArrestor":%7$s,"usualWork":"FELLING"},
                 "set":{"chain":{"tag":"C-%3$s","create":true,"pitch":"P_325","gauge":"G_050","driveLinks":68},
                        "bar":{"tag":"B-%3$s","create":true,"length":"18 in","pitch":"P_325","gauge":"G_050",
                               "driveLinks":68,"nose":"SEALED_SPROCKET"},
                        "sprocket":{"tag":"S-%3$s","create":true,"kind":"RIM","teeth":7,"pitch":"P_325"},
                        "newChain":false}}""".formatted(
                        id(),
                        officer,
                        tag,
                        power,
                        petrol ? "\"displacementCc\":50,\"fuelRatio\":50," : "\"volts\":58,",
                        oiler,
                        petrol));
    }

    /** Steps done on a saw, all of them fine. */
    void did(String tag, String... steps) {
        for (String step : steps) {
            send("/api/saws/" + tag + "/records", """
                    {"id":"%s","personId":"%s","device":"test","step":"%s","input":{"said":"FINE","findings":[],"figures":{}}}""".formatted(id(), officer, step));
        }
    }

    /** The loop of a saw mapped in the vice, left first, and filed. */
    void mapped(String tag, List<String> lengths) {
        String sharpening = id();
        send("/api/saws/" + tag + "/sharpening", "{\"id\":\"%s\",\"personId\":\"%s\"}".formatted(sharpening, officer));
        for (int place = 0; place < lengths.size(); place++) {
            send(
                    "/api/sharpenings/" + sharpening + "/cutters",
                    "{\"id\":\"%s\",\"personId\":\"%s\",\"place\":%d,\"after\":false,\"length\":\"%s\"}"
                            .formatted(id(), officer, place, lengths.get(place)));
        }
        send(
                "/api/sharpenings/" + sharpening + "/finish",
                "{\"id\":\"%s\",\"personId\":\"%s\",\"device\":\"test\",\"allFiled\":true}".formatted(id(), officer));
    }

    /** A complaint about a saw; answers where it is shown. */
    String complained(String tag, String complaint) {
        String fault = id();
        send(
                "/api/saws/" + tag + "/faults",
                "{\"id\":\"%s\",\"personId\":\"%s\",\"device\":\"test\",\"complaint\":\"%s\",\"origin\":\"PERSON\"}"
                        .formatted(fault, officer, complaint));
        return "/faults/" + fault;
    }

    private void send(String path, String json) {
        application.send("POST", path, json);
    }

    private static String id() {
        return UUID.randomUUID().toString();
    }
}
