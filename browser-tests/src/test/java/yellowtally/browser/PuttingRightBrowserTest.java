package yellowtally.browser;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static yellowtally.browser.Screens.button;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.ColorScheme;
import java.time.LocalDateTime;
import java.time.format.DateTimeFormatter;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;

/** Whatever was written down wrong is put right from the screen where it stands, and the old entry stays readable. */
@ExtendWith(Screens.class)
class PuttingRightBrowserTest {

    private static final DateTimeFormatter FIELD = DateTimeFormatter.ofPattern("yyyy-MM-dd'T'HH:mm");
    private static final Locator.GetByLabelOptions EXACT = new Locator.GetByLabelOptions().setExact(true);

    private static Locator group(Page page, String name) {
        return page.getByRole(AriaRole.GROUP, new Page.GetByRoleOptions().setName(name));
    }

    private static Locator lines(Page page) {
        return page.getByRole(AriaRole.LISTITEM);
    }

    /** Five hours ago, so that there was time for a few tanks. */
    private static void issue(Page page, String tag) {
        page.getByLabel("Saws that go out").fill(tag);
        Locator out = page.getByRole(AriaRole.FORM, new Page.GetByRoleOptions().setName("Saws out"));
        out.getByText("Enter an earlier time").click();
        out.getByLabel("When", EXACT).fill(LocalDateTime.now().minusHours(5).format(FIELD));
        out.getByLabel("Why it is entered late").fill("Rush at the gate");
        page.getByLabel("Cutting gang").check();
        button(page, "Issue saw " + tag).click();
        assertThat(page.getByLabel("One tank more on saw " + tag)).isVisible();
    }

    /** The mark and the file of a loop were misread on the packet: the vice asks for the right file from then on. */
    @Test
    void whatIsMarkedOnALoopIsPutRightOnItsPage(Screens.Opener screens) {
        new Fleet(screens.application()).addSaw("PR20", Fleet.Kit.STANDARD);
        Page page = screens.open("/parts/C-PR20");
        Locator maker = Screens.region(page, "What its maker says");
        assertThat(maker).containsText("No mark. File by pitch.");
        button(page, "Change the figures").click();
        maker.getByLabel("Cutter length at its wear mark").fill("4.5");
        maker.getByLabel("Round file size").fill("55");
        maker.getByLabel("Reason for the change").fill("The packet was another");
        button(page, "Save the figures").click();
        assertThat(maker.getByRole(AriaRole.ALERT)).hasText("Give a length from 3 mm to 8 mm.");
        assertThat(maker.getByLabel("Cutter length at its wear mark")).hasValue("4.5");
        maker.getByLabel("Round file size").fill("5.5");
        button(page, "Save the figures").click();
        assertThat(maker).containsText("Mark at 4.5 mm. File 5.5 mm.");
        assertThat(maker).containsText("mark none → 4.5 mm and file by pitch → 5.5 mm. The packet was another");
        page.navigate(screens.application().address() + "/saws/PR20/sharpen");
        assertThat(page.getByText("Round file 5.5 mm")).isVisible();
    }

    /** 25 for 2.5 is asked about, said to be right, found wrong in the log and put right. */
    @Test
    void aSlipOfTheFingerIsAskedAboutAndPutRightInTheLog(Screens.Opener screens) {
        new Fleet(screens.application()).addFitSaw("PR1", Fleet.Kit.STANDARD);
        Page page = screens.open("/crews");
        issue(page, "PR1");
        page.getByLabel("Saws that came back").fill("PR1");
        Locator row = group(page, "Saw PR1");
        row.getByLabel("Tanks", EXACT).fill("18");
        button(page, "Take saw PR1 back").click();
        assertThat(row.getByText("is more than a crew uses")).isVisible();
        row.getByLabel("18 is right").check();
        button(page, "Take saw PR1 back").click();
        assertThat(page.getByLabel("Saws that came back")).hasValue("");
        page.navigate(screens.application().address() + "/log?saw=PR1&kinds=BACK");
        button(page, "Put right").click();
        Locator form = page.getByRole(AriaRole.FORM, new Page.GetByRoleOptions().setName("Put the outing right"));
        form.getByLabel("Tanks", EXACT).fill("1.8");
        assertThat(form.getByLabel("What this does")).containsText("Saw PR1");
        button(page, "Put it right").click();
        assertThat(form.getByText("Say why.")).isVisible();
        form.getByLabel("Why it was wrong").fill("No point was typed");
        button(page, "Put it right").click();
        assertThat(lines(page)).hasCount(2);
        assertThat(page.getByText("1.8 tanks")).isVisible();
        assertThat(page.getByText("18 tanks")).hasCSS("text-decoration-line", "line-through");
        assertThat(page.getByText("Struck out by Ida Marsh")).isVisible();
        assertThat(page.getByText(Pattern.compile("Put right by Ida Marsh, .*: No point was typed")))
                .isVisible();
    }

    /** The wrong plate was read out at the gate: the other saw is out, and this one never was. */
    @Test
    void theWrongSawIsOut(Screens.Opener screens) {
        Fleet fleet = new Fleet(screens.application());
        fleet.addFitSaw("PR2", Fleet.Kit.STANDARD);
        fleet.addFitSaw("PR3", Fleet.Kit.STANDARD);
        Page page = screens.open("/crews");
        issue(page, "PR2");
        page.getByLabel("One tank more on saw PR2").click();
        assertThat(page.getByLabel("One tank less on saw PR2")).isVisible();
        button(page, "Put PR2 right").click();
        Locator form = page.getByRole(AriaRole.FORM, new Page.GetByRoleOptions().setName("Put the outing right"));
        form.getByLabel("Saw", EXACT).fill("PR3");
        form.getByLabel("Why it was wrong").fill("The wrong plate was read out");
        button(page, "Put it right").click();
        assertThat(group(page, "Out: PR3")).containsText("1 tank logged");
        assertThat(group(page, "Out: PR2")).isHidden();
        page.getByLabel("One tank less on saw PR3").click();
        assertThat(page.getByLabel("One tank less on saw PR3")).isHidden();
        button(page, "Put PR3 right").click();
        page.getByLabel("It never went out").check();
        assertThat(page.getByLabel("What this does")).containsText("Saw PR3 stays fit");
        page.getByLabel("Why it is struck out").fill("It hangs on its hook");
        button(page, "Strike it out").click();
        assertThat(group(page, "Out: PR3")).isHidden();
    }

    /** One step of a closed visit by itself; then the whole visit, which was another saw's. */
    @Test
    void aClosedVisitIsPutRight(Screens.Opener screens) {
        Fleet fleet = new Fleet(screens.application());
        fleet.addFitSaw("PR4", Fleet.Kit.STANDARD);
        fleet.addFitSaw("PR5", Fleet.Kit.STANDARD);
        Page page = screens.open("/saws/PR4");
        button(page, "Start visit").click();
        page.getByLabel("Add a step").selectOption("Look over: guard, catcher, bolts, leaks");
        button(page, "Fine").click();
        button(page, "Save, next").click();
        page.getByLabel("Add a step").selectOption("Idle, throttle lock, stop switch");
        button(page, "Pass").click();
        button(page, "Save, next").click();
        assertThat(page.getByText(Pattern.compile("^2 of \\d+ steps"))).isVisible();
        page.getByText("End of the visit").click();
        page.getByLabel("Why steps stay open").fill("Only these two");
        button(page, "Hang the plate back").click();
        assertThat(page.getByText("Visit ended")).isVisible();
        page.navigate(screens.application().address() + "/log?saw=PR4");
        button(page, "Step by step").first().click();
        Locator look = lines(page)
                .filter(new Locator.FilterOptions().setHasText("At the bench, 2 steps fine"))
                .getByRole(AriaRole.LISTITEM)
                .filter(new Locator.FilterOptions().setHasText("Look over"));
        look.getByText("Strike out").click();
        look.getByLabel("Why it is struck out").fill("Nobody looked");
        look.getByText("Strike it out").click();
        assertThat(page.getByText("Nobody looked")).isVisible();
        Locator ended = lines(page).filter(new Locator.FilterOptions().setHasText("Visit closed"));
        ended.getByText("Put right").click();
        ended.getByLabel("Saw", EXACT).fill("PR5");
        assertThat(ended.getByLabel("What this does")).containsText("Saw PR5 stays fit");
        ended.getByLabel("Why it was wrong").fill("PR5 lay there");
        ended.getByText("Move the visit").click();
        assertThat(ended).containsText("Struck out by Ida Marsh");
        page.navigate(screens.application().address() + "/log?saw=PR5");
        assertThat(page.getByText("Recorded on saw PR4 at first: PR5 lay there"))
                .isVisible();
    }

    /** Retired by mistake, with its chain laid on the shelf meanwhile; then it gets another plate. */
    @Test
    void aRetiredSawComesBackAndGetsAnotherTag(Screens.Opener screens) {
        new Fleet(screens.application()).addFitSaw("PR6", Fleet.Kit.STANDARD);
        Page page = screens.open("/saws/PR6/edit", 390, 844, ColorScheme.LIGHT);
        page.getByLabel("Why it leaves the fleet").fill("Sold");
        button(page, "Retire saw PR6").click();
        assertThat(page.getByText("was retired today: Sold")).isVisible();
        page.getByLabel(Pattern.compile("^Take sprocket ")).check();
        button(page, "Lay them on the shelf").click();
        assertThat(page.getByLabel(Pattern.compile("^Take sprocket "))).isHidden();
        page.getByLabel("Why it comes back").fill("Another was sold");
        button(page, "Bring saw PR6 back").click();
        assertThat(page.getByText("Held: must not be used")).isVisible();
        page.navigate(screens.application().address() + "/saws/PR6/edit");
        page.getByLabel("New tag").fill("PR7");
        page.getByLabel("Why it gets another tag").fill("The plate was lost");
        button(page, "Change the tag").click();
        assertThat(page.getByText("once PR6")).isVisible();
        page.getByLabel("Tag number").fill("pr6");
        page.keyboard().press("Enter");
        assertThat(page.getByText("once PR6")).isVisible();
        assertThat(page.getByText("Given another tag")).isVisible();
    }
}
