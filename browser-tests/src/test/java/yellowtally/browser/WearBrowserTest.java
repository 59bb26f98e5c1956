package yellowtally.browser;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static yellowtally.browser.Screens.button;
import static yellowtally.browser.Screens.region;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.assertions.LocatorAssertions;
import com.microsoft.playwright.options.AriaRole;
import java.util.List;
import java.util.regex.Pattern;
import org.assertj.core.api.Assertions;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;

/** The loop in the vice, parts that follow one another, and the shelf that runs down. */
@ExtendWith(Screens.class)
class WearBrowserTest {

    private static final int CUTTERS = 36;
    private static final double A_MINUTE = 60_000;
    private static final Fleet.Kit LARGE = new Fleet.Kit(
            "Sixty", "PETROL", "AUTOMATIC_ADJUSTABLE", "20 in", "P_3_8", "G_058", 72, "GREASABLE_SPROCKET");

    private static Locator heading(Page page, String text) {
        return page.getByRole(AriaRole.HEADING, new Page.GetByRoleOptions().setName(text));
    }

    private static Locator step(Page page, String title) {
        return page.getByRole(AriaRole.NAVIGATION, new Page.GetByRoleOptions().setName("Steps of the visit"))
                .getByRole(AriaRole.BUTTON, new Locator.GetByRoleOptions().setName(Pattern.compile(title)));
    }

    private static void measureWithTheStandIn(Page page) {
        button(page, "Stand-in caliper").click();
        // Its bad readings are refused by the way, and the next one is for the same cutter.
        assertThat(page.getByText("All measured"))
                .isVisible(new LocatorAssertions.IsVisibleOptions().setTimeout(A_MINUTE));
    }

    @Test
    void anUnevenLoopIsMappedFiledAndComesOutEven(Screens.Opener screens) {
        Page page = screens.open("/saws/15/sharpen");
        assertThat(page.getByText("Mark the start cutter")).isVisible();
        page.keyboard().press("Enter");
        Locator field = page.getByLabel("Cutter 1, left, mm", new Page.GetByLabelOptions().setExact(true));
        field.fill("31");
        field.press("Enter");
        assertThat(page.getByText(Pattern.compile("longer than|more than"))).isVisible();
        field.fill("1/2 in of rope");
        field.press("Enter");
        assertThat(field).hasValue("1/2 in of rope");
        field.fill("");
        measureWithTheStandIn(page);
        Locator plan = region(page, "Plan");
        assertThat(plan).containsText("Bring to one length");
        assertThat(plan).containsText("leads to the left, where the cutters are longer");
        assertThat(page.getByRole(AriaRole.LIST, new Page.GetByRoleOptions().setName("Cutters"))
                        .getByRole(AriaRole.LISTITEM))
                .hasCount(CUTTERS);

        page.getByText("File", new Page.GetByTextOptions().setExact(true)).click();
        Locator first = region(page, "Cutter 1");
        int planned = Integer.parseInt(first.getByRole(AriaRole.STATUS).innerText());
        Assertions.assertThat(planned).isGreaterThan(3);
        page.keyboard().press(" ");
        assertThat(first.getByRole(AriaRole.STATUS)).hasText(Integer.toString(planned - 1));
        // One side first, the other after it; each Enter says that all strokes of one cutter are made.
        for (int i = 0; i < CUTTERS; i++) {
            String title = page.getByText(Pattern.compile("strokes on cutter")).innerText();
            page.keyboard().press("Enter");
            assertThat(page.getByText(title, new Page.GetByTextOptions().setExact(true)))
                    .hasCount(0);
        }
        assertThat(page.getByText("Every cutter has its strokes.")).isVisible();

        page.getByText("Measure again", new Page.GetByTextOptions().setExact(true))
                .click();
        measureWithTheStandIn(page);
        assertThat(plan).containsText(Pattern.compile("After filing: Sides 0\\.[01]\\d mm apart: cuts straight"));
        button(page, "Record the sharpening").click();
        assertThat(page).hasURL(Pattern.compile("/saws/15$"));
        assertThat(page.getByText(Pattern.compile("^Sharpen")).first()).isVisible();
        page.navigate(screens.application().address() + "/saws/15/sharpen");
        assertThat(page.getByText(Pattern.compile("36 cutters, \\d+ strokes\\. Sides 0\\.\\d+ mm apart: leads to")))
                .isVisible();
    }

    private static void addPart(Page page, String kind, String tag, String like) {
        button(page, "Add a part").click();
        page.getByText(kind, new Page.GetByTextOptions().setExact(true)).click();
        page.getByLabel("Tag", new Page.GetByLabelOptions().setExact(true)).fill(tag);
        page.getByLabel("The same as").selectOption(like);
        page.getByLabel("Price").fill("29.50");
        button(page, "Put it on the shelf").click();
        assertThat(page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName(tag)))
                .isVisible();
    }

    private static void replace(Page page, String step, String label, String why) {
        page.getByLabel("Add a step").selectOption(step);
        assertThat(heading(page, step).first()).isVisible();
        page.getByLabel("Part from the shelf").selectOption(label);
        page.getByLabel("Why the old one is retired").fill(why);
        button(page, "Save, next").click();
        assertThat(step(page, step + ", Fine")).isVisible();
    }

    @Test
    void sprocketBarAndChainAreReplacedAndWhatFollowsOpens(Screens.Opener screens) {
        // All of it on record: what opens in the visit follows from the new parts alone.
        new Fleet(screens.application()).addFitSaw("WB1", LARGE);
        Page page = screens.open("/stores");
        page.getByText("Loops, bars, sprockets", new Page.GetByTextOptions().setExact(true))
                .click();
        addPart(page, "Sprocket", "YS-90", "Rim, 7 teeth, 3/8\"");
        addPart(page, "Bar", "YB-90", "20 in, 3/8\", 72 drive links");
        addPart(page, "Loop", "YC-90", "3/8\", .058\", 72 drive links");
        button(page, "Add a part").click();
        page.getByLabel("Tag", new Page.GetByLabelOptions().setExact(true)).fill("YC-90");
        button(page, "Put it on the shelf").click();
        assertThat(page.getByText("YC-90 is already the tag of another part.")).isVisible();

        page.navigate(screens.application().address() + "/saws/WB1");
        assertThat(button(page, "Start visit")).isEnabled();
        page.keyboard().press("v");
        assertThat(heading(page, "1 Make safe")).isVisible();
        replace(page, "New sprocket", "YS-90, 7 teeth", "Groove in every tooth");
        // The needle bearing is new with it, and the loop must be fit to run on it.
        assertThat(step(page, "Needle bearing grease, open")).isVisible();
        assertThat(step(page, "Chain: cutters.*, open")).isVisible();
        replace(page, "New bar", "YB-90, 20 in", "Rails past dressing");
        assertThat(step(page, "Groove and oil holes, open")).isVisible();
        replace(page, "New chain", "YC-90, 72 drive links", "Grown out");
        assertThat(step(page, "Sprocket wear, open")).isVisible();
        assertThat(step(page, "Tension, open")).isVisible();
        assertThat(page.getByText("Held: Refit the set: it was apart")).isVisible();

        page.navigate(screens.application().address() + "/parts/YC-90");
        assertThat(page.getByText("loop 1 of 1 on YS-90")).isVisible();
        page.navigate(screens.application().address() + "/parts/S-WB1");
        assertThat(page.getByText("Groove in every tooth")).isVisible();
        assertThat(button(page, "Retire S-WB1")).hasCount(0);
        page.navigate(screens.application().address() + "/log?saw=WB1");
        for (String what : List.of("New sprocket", "New bar", "New chain")) {
            assertThat(page.getByText(Pattern.compile("^" + what)).first()).isVisible();
        }
    }

    private static void newFilter(Page page, String address) {
        page.navigate(address + "/saws/WB2/record");
        page.getByLabel("What was done").selectOption("Air filter");
        page.getByLabel("Filter K45").fill("1");
        button(page, "Save the record").click();
    }

    @Test
    void theShelfRunsDownToAnOrderLineAndIsCountedRight(Screens.Opener screens) {
        new Fleet(screens.application()).addSaw("WB2", Fleet.Kit.STANDARD.model("K45"));
        String address = screens.application().address();
        Page page = screens.open("/stores");
        Locator order = region(page, "To order");
        assertThat(order).containsText("Round file 4.8");
        assertThat(order).not().containsText("Filter K45");
        newFilter(page, address);
        assertThat(page).hasURL(Pattern.compile("/saws/WB2$"));
        newFilter(page, address);
        assertThat(page).hasURL(Pattern.compile("/saws/WB2$"));
        newFilter(page, address);
        assertThat(page.getByText("Filter K45: the book says 0 on the shelf, so 1 cannot be taken."))
                .isVisible();

        page.navigate(address + "/stores");
        assertThat(order).containsText("Filter K45");
        assertThat(order).containsText("0 free, minimum 1");
        button(page, "Count: Filter K45").click();
        page.getByLabel("Counted on the shelf").fill("1");
        button(page, "Correct stock").click();
        assertThat(page.getByText("Say why.")).isVisible();
        page.getByLabel("Why the count differs").fill("One lay in the van");
        button(page, "Correct stock").click();
        assertThat(page.getByText("One lay in the van")).isVisible();
        // Ordered, it leaves the list; come in, it lies there.
        button(page, "Order: Filter K45").click();
        page.getByLabel("Ordered", new Page.GetByLabelOptions().setExact(true)).fill("4");
        page.getByLabel("From whom").fill("Lineside Supplies");
        button(page, "Record the order").click();
        assertThat(page.getByText(Pattern.compile("^4 ordered today from Lineside Supplies")))
                .isVisible();
        assertThat(order).not().containsText("Filter K45");
        button(page, "Goods in: Filter K45").click();
        assertThat(page.getByLabel("Came in")).hasValue("4");
        button(page, "Put it on the shelf").click();
        assertThat(page.getByText(Pattern.compile("^4 ordered today"))).hasCount(0);
        button(page, "Edit: Filter K45").click();
        page.getByLabel("Minimum", new Page.GetByLabelOptions().setExact(true)).fill("abc");
        assertThat(page.getByText("This is not a number.")).isVisible();
        page.getByLabel("Minimum", new Page.GetByLabelOptions().setExact(true)).fill("3");
        button(page, "Save the item").click();
        button(page, "Copy the list").click();
        assertThat(page.getByText("Copied.")).isVisible();
    }

    /** Mixed in US gallons, written down, and filled from at the bench: the age is counted, not typed. */
    @Test
    void fuelIsMixedWrittenDownAndFilledFromItsCan(Screens.Opener screens) {
        Fleet fleet = new Fleet(screens.application());
        fleet.addSaw("W40", "PETROL", "AUTOMATIC_FIXED");
        Page page = screens.open("/stores");
        page.getByText("Fuel", new Page.GetByTextOptions().setExact(true)).click();
        Locator cans = page.getByRole(AriaRole.LIST, new Page.GetByRoleOptions().setName("Cans"));
        assertThat(cans).containsText("too old, do not fill it");
        page.getByLabel("How much fuel").fill("2.5");
        page.getByLabel("Unit").selectOption("US gal");
        assertThat(page.getByRole(AriaRole.STATUS, new Page.GetByRoleOptions().setName("Oil")))
                .hasText("6.4 US fl oz of oil (189 mL)");
        page.getByLabel("Can", new Page.GetByLabelOptions().setExact(true)).fill("Gang 4");
        button(page, "Record the mix").click();
        assertThat(cans).containsText("Gang 4");

        page.navigate(screens.application().address() + "/saws/W40/record");
        page.getByLabel("What was done").selectOption("Fill fuel and bar oil together");
        Locator can =
                page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName(Pattern.compile("^Can Gang 4")));
        can.click();
        assertThat(page.getByLabel(Pattern.compile("^Age of the mix"))).hasValue("0");
        Locator old = page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName(Pattern.compile("too old")));
        assertThat(old.first()).isVisible();
        button(page, "Save the record").click();
        assertThat(page).hasURL(Pattern.compile("/saws/W40$"));
        page.navigate(screens.application().address() + "/log?saw=W40");
        assertThat(page.getByText("From can Gang 4")).isVisible();
    }

    /** A sort that hangs on no saw yet: nobody has to invent a saw for it. */
    @Test
    void aPartOfANewSortIsPutOnTheShelfWithoutASaw(Screens.Opener screens) {
        Page page = screens.open("/stores");
        page.getByLabel("Loops, bars, sprockets").check();
        button(page, "Add a part").click();
        page.getByLabel("Bar", new Page.GetByLabelOptions().setExact(true)).check();
        page.getByLabel("Tag", new Page.GetByLabelOptions().setExact(true)).fill("YB-91");
        page.getByLabel("The same as").selectOption("None of these: a new sort");
        page.getByLabel("Length").fill("a lot");
        page.getByLabel("Drive links", new Page.GetByLabelOptions().setExact(true))
                .fill("51");
        button(page, "Put it on the shelf").click();
        assertThat(page.getByText("This is not a length.")).isVisible();
        assertThat(page.getByLabel("Length")).isFocused();
        page.getByLabel("Length").fill("15 in");
        button(page, "Put it on the shelf").click();
        assertThat(page.getByText("YB-91", new Page.GetByTextOptions().setExact(true)))
                .isVisible();
        moreOfItAreOrderedAndComeIn(page);
    }

    /** Nothing of the sort is typed again: what comes only needs its tags. */
    private static void moreOfItAreOrderedAndComeIn(Page page) {
        Pattern bars = Pattern.compile("^Bar 15 in");
        Locator line =
                page.getByRole(AriaRole.LISTITEM).filter(new Locator.FilterOptions().setHas(page.getByText(bars)));
        page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName(Pattern.compile("^Order: Bar 15 in")))
                .click();
        page.getByLabel("Ordered", new Page.GetByLabelOptions().setExact(true)).fill("2");
        page.getByLabel("From whom").fill("Lineside Supplies");
        button(page, "Record the order").click();
        assertThat(line).containsText(Pattern.compile("2 ordered today from Lineside Supplies"));
        line.getByRole(AriaRole.BUTTON, new Locator.GetByRoleOptions().setName(Pattern.compile("^Came in: Bar 15 in")))
                .click();
        Locator tags = page.getByLabel("Tags of what came");
        assertThat(tags).hasValue(Pattern.compile("YB-\\d+, YB-\\d+"));
        tags.fill("YB-91, YB-98");
        button(page, "Put them on the shelf").click();
        assertThat(page.getByText("YB-91 is already the tag of another part.")).isVisible();
        tags.fill("YB-97, YB-98");
        button(page, "Put them on the shelf").click();
        assertThat(line).containsText("YB-98");
        assertThat(line).not().containsText("ordered today");
    }
}
