package yellowtally.server.demo;

import java.util.List;
import yellowtally.core.tension.TensionMethod;
import yellowtally.core.tension.Work;
import yellowtally.server.demo.DemoSaw.Model;
import yellowtally.server.demo.DemoSaw.Story;

/** The saws of the made-up Ashcombe Vale Light Railway. */
final class DemoFleet {

    static final String DEVICE = "Workshop desk";
    static final List<String> CREWS = List.of("Cutting gang", "Tunnel gang", "Viaduct gang");
    static final List<String> OFFICERS = List.of("Ida Marsh", "Tom Quill");
    static final List<String> OPERATORS = List.of("Bram Otley", "Jess Fenn", "Rafe Underhill", "Wyn Darrow");
    static final List<String> READERS = List.of("Edda Hollis");

    private static final int CUTTING = 0;
    private static final int TUNNEL = 1;
    private static final int VIADUCT = 2;
    private static final int RACK = DemoSaw.ON_THE_RACK;

    static final List<DemoSaw> SAWS = List.of(
            new DemoSaw("01", Model.KESTRUP_45, Work.LIMBING, null, Story.FIT, CUTTING),
            new DemoSaw("02", Model.BRACKENFELL_T27, Work.LIMBING, null, Story.FIT, TUNNEL),
            new DemoSaw("03", Model.KESTRUP_45, Work.FELLING, null, Story.NEW_CHAIN, RACK),
            new DemoSaw("04", Model.KESTRUP_45, Work.BRUSH, null, Story.FIT, VIADUCT),
            new DemoSaw("05", Model.HARROWGILL_60, Work.FELLING, null, Story.FIT, CUTTING),
            new DemoSaw("06", Model.KESTRUP_50, Work.FELLING, null, Story.DUE, RACK),
            new DemoSaw("07", Model.HARROWGILL_60, Work.BUCKING, null, Story.NEARLY_GROWN_OUT, RACK),
            new DemoSaw("08", Model.BRACKENFELL_T27, Work.BRUSH, null, Story.FIT, TUNNEL),
            new DemoSaw("09", Model.BRACKENFELL_C14, Work.BUCKING, TensionMethod.COIN_GAP, Story.FIT, RACK),
            new DemoSaw("10", Model.HARROWGILL_60, Work.FELLING, null, Story.THROW_RISK, RACK),
            new DemoSaw("11", Model.HARROWGILL_72, Work.FELLING, null, Story.READ_HOT, RACK),
            new DemoSaw("12", Model.KESTRUP_45, Work.LIMBING, null, Story.SLACK_TOO_FAST, RACK),
            new DemoSaw("13", Model.HARROWGILL_OLD_90, Work.BUCKING, null, Story.BRAKE_FAILED, RACK),
            new DemoSaw("14", Model.BRACKENFELL_E14, Work.BRUSH, null, Story.FIT, RACK),
            new DemoSaw("15", Model.HARROWGILL_60, Work.FELLING, null, Story.WET_DAY, RACK),
            new DemoSaw("16", Model.KESTRUP_50, Work.LIMBING, null, Story.ON_THE_BENCH, RACK),
            new DemoSaw("17", Model.KESTRUP_50, Work.FELLING, null, Story.RELEASE_FELL, RACK),
            new DemoSaw("18", Model.HARROWGILL_60, Work.BUCKING, null, Story.LONG_REST, RACK),
            new DemoSaw("19", Model.KESTRUP_45, Work.FELLING, null, Story.NO_PAST, RACK),
            new DemoSaw("20", Model.HARROWGILL_60, Work.FELLING, null, Story.AWAY, RACK));

    private DemoFleet() {}
}
