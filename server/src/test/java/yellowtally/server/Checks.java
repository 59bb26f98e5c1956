package yellowtally.server;

import yellowtally.server.RunningServer.Api;

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
                {"id":"%s","personId":"%s","device":"test","occasion":"%s","work":"FELLING","readings":[%s]%s}""".formatted(id, api.officer(), occasion, String.join(",", readings), extra);
    }

    static String release(Api api, String person) {
        return "{\"id\":\"%s\",\"personId\":\"%s\"}".formatted(RunningServer.id(), person);
    }

    /** A new saw with a matching 18 in set of new parts. */
    static String newSaw(Api api, String id, String tag, int chainLinks) {
        return """
                {"id":"%s","personId":"%s","device":"test","tag":"%s","saw":%s,"set":%s}""".formatted(id, api.officer(), tag, card("Kestrup"), set(tag, chainLinks));
    }

    static String card(String make) {
        return """
                {"make":"%s","model":"K50","power":"PETROL","handle":"REAR","displacementCc":50,"inService":"2026-01-05",
                 "fuelRatio":50,"oiler":"AUTOMATIC_FIXED","brakeSeat":"COVER","adjuster":"SIDE","adjusterLeadMm":0.8,
                 "adjusterTravelMm":20,"captiveNuts":true,"sparkArrestor":true,"usualWork":"FELLING"}""".formatted(make);
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
