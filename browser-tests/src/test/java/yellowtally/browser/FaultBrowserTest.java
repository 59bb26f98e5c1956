package yellowtally.browser;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static yellowtally.browser.Screens.button;
import static yellowtally.browser.Screens.rail;
import static yellowtally.browser.Screens.region;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;

/** From what the crew says to a saw that is proved: the fault finder at the bench. */
@ExtendWith(Screens.class)
class FaultBrowserTest {

    private static final int MOST_QUESTIONS = 30;

    private static Locator heading(Page page, String text) {
        return page.getByRole(AriaRole.HEADING, new Page.GetByRoleOptions().setName(text));
    }

    /** The cause that leads. */
    private static Locator leader(Page page) {
        return region(page, "What may be behind it (est.)")
                .getByRole(AriaRole.LISTITEM)
                .first();
    }

    private static int answers(Page page) {
        return page.getByRole(AriaRole.LIST, new Page.GetByRoleOptions().setName("Answers"))
                .getByRole(AriaRole.LISTITEM)
                .count();
    }

    /** Presses one key as answer and waits until it stands in the path. */
    private static void answer(Page page, String key) {
        int before = answers(page);
        page.keyboard().press(key);
        assertThat(page.getByRole(AriaRole.LIST, new Page.GetByRoleOptions().setName("Answers"))
                        .getByRole(AriaRole.LISTITEM))
                .hasCount(before + 1);
    }

    /** Goes to a check that is not the one offered. */
    private static void look(Page page, String question) {
        Locator offered = region(page, "Next check").getByRole(AriaRole.HEADING);
        Locator named = region(page, "Other checks")
                .getByRole(AriaRole.BUTTON, new Locator.GetByRoleOptions().setName(question));
        if (named.isVisible()) {
            named.click();
        } else if (!offered.isVisible() || !offered.innerText().equals(question)) {
            page.getByLabel("Something else was seen").selectOption(question);
        }
    }

    /** Answers what is known of the truth, and for all else that it is as it should be, until the finder is done. */
    private static void answerUntilDone(Page page, Map<String, String> truth) {
        Locator check = region(page, "Next check");
        Locator clear = region(page, "Stands clear");
        Locator unclear = region(page, "Unclear");
        for (int i = 0; i < MOST_QUESTIONS; i++) {
            assertThat(check.or(unclear).or(clear).first()).isVisible();
            if (clear.isVisible() || unclear.isVisible()) {
                return;
            }
            String question = check.getByRole(AriaRole.HEADING).innerText();
            answer(page, truth.getOrDefault(question, "1"));
        }
        throw new AssertionError("still asking after " + MOST_QUESTIONS + " answers");
    }

    private static void record(Page page, Screens.Opener screens, String tag, String step, String said) {
        page.navigate(screens.application().address() + "/saws/" + tag + "/record");
        page.getByLabel("What was done").selectOption(step);
        if (said != null) {
            button(page, said).click();
        }
        button(page, "Save the record").click();
        assertThat(page).hasURL(Pattern.compile("/saws/" + tag + "$"));
    }

    @Test
    void whatTheBenchSawStandsIsNotAskedAndIsDoubtedWithOneKey(Screens.Opener screens) {
        Fleet fleet = new Fleet(screens.application());
        fleet.addSaw("F90", "PETROL", "AUTOMATIC_ADJUSTABLE");
        fleet.did("F90", "GROOVE", "TANKS");
        Page page = screens.open(fleet.complained("F90", "runs-dry"));
        Locator known = region(page, "Known already");
        assertThat(known).containsText("Groove and oil holes are free");
        assertThat(known).containsText("The oil pick-up is clean");
        assertThat(page.getByText("0 min of checks so far (est.).")).isVisible();
        button(page, "Doubt it: Oil holes and groove of the bar free?").click();
        assertThat(known).not().containsText("Groove and oil holes are free");
        assertThat(known).containsText("The oil pick-up is clean");
        look(page, "Oil holes and groove of the bar free?");
        answer(page, "2");
        assertThat(page.getByRole(AriaRole.LIST, new Page.GetByRoleOptions().setName("Answers")))
                .containsText("Blocked");
    }

    @Test
    void wordsOfAReturnAreSortedAndThrownChainsAreLookedAtByTheirLinksFirst(Screens.Opener screens) {
        Fleet fleet = new Fleet(screens.application());
        fleet.addFitSaw("F91", Fleet.Kit.of("PETROL", "AUTOMATIC_FIXED"));
        Page page = screens.open("/crews");
        page.getByLabel("Saws that go out").fill("F91");
        page.getByLabel("Cutting gang").check();
        button(page, "Issue saw F91").click();
        page.getByLabel("Saws that came back").fill("F91");
        Locator saw = page.getByRole(AriaRole.GROUP, new Page.GetByRoleOptions().setName("Saw F91"));
        saw.getByLabel("Tanks", new Locator.GetByLabelOptions().setExact(true)).fill("1");
        saw.getByLabel("Complaint, in a few words").fill("Chain came off in the brush");
        button(page, "Take saw F91 back").click();
        assertThat(page.getByLabel("Saws that came back")).hasValue("");
        page.navigate(screens.application().address() + "/saws/F91");
        region(page, "Faults")
                .getByRole(AriaRole.LINK, new Locator.GetByRoleOptions().setName("Complaint in words"))
                .click();
        assertThat(page.getByText("Chain came off in the brush").first()).isVisible();
        button(page, "Chain was thrown (holds the saw)").click();
        assertThat(heading(page, "Chain was thrown")).isVisible();
        assertThat(region(page, "Next check").getByRole(AriaRole.HEADING))
                .hasText("Drive links and joints in the hand?");
    }

    @Test
    void aDryChainLeadsToABlockedHoleAndComesBackProved(Screens.Opener screens) {
        new Fleet(screens.application()).addSaw("F1", "PETROL", "AUTOMATIC_ADJUSTABLE");
        Page page = screens.open("/");
        page.getByText("Work waiting").waitFor();
        page.keyboard().press("c");
        page.getByLabel("Saw", new Page.GetByLabelOptions().setExact(true)).fill("F1");
        page.getByText("Chain runs dry").click();
        page.getByLabel("In a few words, as it was said").fill("Smoke from the bar, no oil on the stump");
        button(page, "Report it, find the cause").click();
        assertThat(heading(page, "Chain runs dry")).isVisible();
        String fault = page.url();
        answerUntilDone(
                page,
                Map.of(
                        "Is there oil in the tank, and the right one?", "1",
                        "Card test. What shows on the card?", "3",
                        "Open the oil cap after a run. Does it draw air in?", "2",
                        "Bar off, brake off, run it. Does oil come at the outlet?", "1",
                        "Oil holes and groove of the bar free?", "2"));
        assertThat(region(page, "Stands clear")).containsText("Oil hole or groove of the bar blocked");
        assertThat(leader(page)).containsText("More likely:");
        page.keyboard().press("Enter");
        assertThat(region(page, "What to do about it")).containsText("Still to do: groove and oil holes");
        button(page, "Close the fault").click();
        assertThat(page.getByRole(AriaRole.ALERT)).containsText("Still to be done: groove and oil holes.");

        record(page, screens, "F1", "Groove and oil holes", "Fine");
        record(page, screens, "F1", "Oil card", "A line of oil");
        page.navigate(fault);
        assertThat(page.getByText("Repaired and proved. For an officer to close")
                        .first())
                .isVisible();
        page.getByLabel("Closing note").fill("Chips in the oil hole");
        button(page, "Close the fault").click();
        assertThat(page.getByText("Closed.", new Page.GetByTextOptions().setExact(true)))
                .isVisible();
        page.navigate(screens.application().address() + "/log?saw=F1&kinds=FAULT");
        assertThat(page.getByText("Chips in the oil hole")).isVisible();
    }

    @Test
    void aFreshSprocketRefitPointsAtTheOilDrive(Screens.Opener screens) {
        Fleet fleet = new Fleet(screens.application());
        fleet.addSaw("F2", "PETROL", "AUTOMATIC_FIXED");
        fleet.did("F2", "OIL_CARD", "BEARING");
        Page page = screens.open(fleet.complained("F2", "runs-dry"));
        assertThat(leader(page)).containsText("Oil drive did not catch when the sprocket was refitted");
        assertThat(leader(page)).containsText("the drum was off and no oil card has passed since");
        answerUntilDone(
                page,
                Map.of(
                        "Turn the sprocket by hand. Is there a slight drag?", "2",
                        "Card test. What shows on the card?", "3",
                        "Bar off, brake off, run it. Does oil come at the outlet?", "2",
                        "Open the oil cap after a run. Does it draw air in?", "2"));
        page.keyboard().press("Enter");
        // A chain that gets no oil at all must not go out.
        assertThat(page.getByText("Held", new Page.GetByTextOptions().setExact(true)))
                .isVisible();
        assertThat(region(page, "Cause")).containsText("Oil drive did not catch");
        button(page, "That was not it, keep looking").click();
        assertThat(region(page, "Next check")).isVisible();
        assertThat(leader(page)).not().containsText("Oil drive did not catch");
    }

    @Test
    void aCurveToTheLeftIsKnownFromTheMapOfTheLoop(Screens.Opener screens) {
        Fleet fleet = new Fleet(screens.application());
        fleet.addSaw("F3", "PETROL", "AUTOMATIC_FIXED");
        fleet.mapped("F3", List.of("7.9", "7.3", "7.95", "7.28", "7.88", "7.31"));
        Page page = screens.open(fleet.complained("F3", "cuts-left"));
        assertThat(leader(page)).containsText("Cutters on the left longer than on the right");
        assertThat(leader(page)).containsText("More likely: the left cutters are longer");
        assertThat(region(page, "Known already")).containsText("The left cutters are longer");
        assertThat(region(page, "Stands clear")).containsText("Cutters on the left longer");
        page.keyboard().press("Enter");
        assertThat(region(page, "What to do about it")).containsText("Equalise on the machine");
    }

    @Test
    void aBrakeThatDoesNotStopIsHeldRepairedRetestedAndReleased(Screens.Opener screens) {
        Fleet fleet = new Fleet(screens.application());
        fleet.addSaw("F4", "PETROL", "AUTOMATIC_FIXED");
        Page page = screens.open("/faults/new?saw=F4");
        page.getByText("Brake does not stop the chain").click();
        button(page, "Report it and hold saw F4").click();
        assertThat(page.getByText("Held", new Page.GetByTextOptions().setExact(true)))
                .isVisible();
        String fault = page.url();
        answerUntilDone(
                page,
                Map.of(
                        "Brake band, whole and thick enough?", "2",
                        "Cover off. Is the brake cavity packed?", "1",
                        "Drum, dry or greasy?", "1"));
        assertThat(region(page, "Stands clear")).containsText("Brake band worn thin or cracked");
        page.keyboard().press("Enter");

        page.navigate(screens.application().address() + "/crews");
        page.getByLabel("Saws that go out").fill("F4");
        page.getByLabel("Cutting gang").check();
        button(page, "Issue saw F4").click();
        assertThat(page.getByRole(AriaRole.ALERT)).containsText("Saw F4 is held and must not go out");

        record(page, screens, "F4", "New brake band", null);
        record(page, screens, "F4", "Brake band and drum", "Fine");
        // A retest that fails holds on: nobody releases around it.
        page.navigate(screens.application().address() + "/saws/F4/record");
        page.getByLabel("What was done").selectOption("Brake stops the chain");
        button(page, "Fails").click();
        page.getByLabel("Chain stops slowly").check();
        button(page, "Save the record").click();
        assertThat(region(page, "Hold")).containsText("Still needed, in this order");
        assertThat(button(page, "Release saw F4")).hasCount(0);
        record(page, screens, "F4", "Brake stops the chain", "Passes");
        button(page, "Release saw F4").click();
        assertThat(button(page, "Release saw F4")).hasCount(0);
        assertThat(region(page, "Hold")).not().containsText("Brake does not stop the chain");
        page.navigate(fault);
        button(page, "Close the fault").click();
        assertThat(page.getByText("Closed.", new Page.GetByTextOptions().setExact(true)))
                .isVisible();
    }

    @Test
    void whatTheBenchHasSeenIsTakenFromTheRecord(Screens.Opener screens) {
        new Fleet(screens.application()).addSaw("FR", "PETROL", "AUTOMATIC_FIXED");
        Page page = screens.open("/saws/FR/record");
        page.getByLabel("What was done").selectOption("Groove and oil holes");
        page.getByLabel("Oil hole was blocked").check();
        button(page, "Save the record").click();
        assertThat(page).hasURL(Pattern.compile("/saws/FR$"));

        page.navigate(screens.application().address() + "/faults/new?saw=FR");
        page.getByText("Chain runs dry").click();
        button(page, "Report it, find the cause").click();
        assertThat(region(page, "Known already")).containsText("An oil hole or the groove was blocked");
        // Nothing was opened for it, and it counts like any other answer.
        assertThat(leader(page)).containsText("Oil hole or groove of the bar blocked, seen");
        assertThat(page.getByText("0 min of checks so far (est.).")).isVisible();
    }

    @Test
    void answersAreTakenBackAndThoseThatDoNotGoTogetherAreTold(Screens.Opener screens) {
        Fleet fleet = new Fleet(screens.application());
        fleet.addSaw("F5", "PETROL", "AUTOMATIC_FIXED");
        Page page = screens.open(fleet.complained("F5", "runs-dry"));
        region(page, "Next check").waitFor();
        answer(page, "0");
        assertThat(page.getByText("Cannot tell").first()).isVisible();
        page.keyboard().press("Backspace");
        assertThat(page.getByRole(AriaRole.LIST, new Page.GetByRoleOptions().setName("Answers")))
                .hasCount(0);
        Map<String, String> odd = new LinkedHashMap<>();
        odd.put("Bar off, brake off, run it. Does oil come at the outlet?", "1");
        odd.put("Oil holes and groove of the bar free?", "1");
        odd.put("Card test. What shows on the card?", "3");
        odd.put("Is there oil in the tank, and the right one?", "1");
        odd.put("Open the oil cap after a run. Does it draw air in?", "2");
        odd.put("Pump out in the hand. Does it deliver?", "1");
        odd.put("Oil pick-up filter?", "1");
        odd.put("Oil hose whole and on?", "1");
        odd.put("Oil outlet of the saw clean?", "1");
        odd.put("Turn the sprocket by hand. Is there a slight drag?", "1");
        Locator clash = region(page, "Answers that contradict each other");
        odd.forEach((question, key) -> {
            if (clash.isHidden()) {
                look(page, question);
                assertThat(region(page, "Next check").getByRole(AriaRole.HEADING))
                        .hasText(question);
                answer(page, key);
            }
        });
        assertThat(clash).containsText("Two answers contradict each other");
        assertThat(region(page, "Stands clear")).hasCount(0);
        button(page, "Answer again: Oil holes and groove of the bar free?").click();
        assertThat(page.getByRole(AriaRole.LIST, new Page.GetByRoleOptions().setName("Answers")))
                .not()
                .containsText("Oil holes and groove of the bar free?");
        assertThat(clash).hasCount(0);
        button(page, "Hand it to a mechanic").click();
        page.getByLabel("Where it goes, and what is known").fill("Ash Vale workshop, with this record");
        button(page, "Hand it to a mechanic").click();
        assertThat(heading(page, "With a qualified mechanic")).isVisible();
        page.navigate(screens.application().address() + "/faults");
        assertThat(region(page, "Open faults")).containsText("With a mechanic. When it is back, prove: oil card");
    }

    @Test
    void aReturnWithAComplaintOpensItsFault(Screens.Opener screens) {
        Page page = screens.open("/crews");
        page.getByLabel("Saws that came back").fill("02");
        Locator saw = page.getByRole(AriaRole.GROUP, new Page.GetByRoleOptions().setName("Saw 02"));
        saw.getByLabel("Tanks", new Locator.GetByLabelOptions().setExact(true)).fill("1");
        saw.getByLabel("Bar oil, tanks").fill("0.1");
        saw.getByLabel("Complaint for the fault finder").selectOption("Chain runs dry");
        button(page, "Take saw 02 back").click();
        assertThat(page.getByLabel("Saws that came back")).hasValue("");
        page.navigate(screens.application().address() + "/faults");
        assertThat(region(page, "Open faults")).containsText("reported on return");
        page.navigate(screens.application().address() + "/saws/02");
        assertThat(region(page, "Faults")).containsText("Chain runs dry");
        page.keyboard().press("i");
        assertThat(heading(page, "Oiling")).isVisible();
        page.getByText("No", new Page.GetByTextOptions().setExact(true)).click();
        assertThat(page.getByText("Oil drive not caught after a sprocket refit"))
                .isVisible();
        page.getByLabel("Temperature at work, °C").fill("-6");
        assertThat(page.getByText("Thin winter oil, grade 10")).isVisible();
        page.keyboard().press("Escape");
        page.navigate(screens.application().address() + "/");
        assertThat(rail(page, "On the rack").getByLabel(Pattern.compile("^Saw 02,")))
                .isVisible();
    }
}
