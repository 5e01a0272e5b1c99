package itrova.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Download;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.FilePayload;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.util.List;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;

/** Choosing a kit: narrowing, comparing, the moving section, what stands around, the search, what-if, templates. */
class ChoosingIT extends BrowserTest {
    private long open(String who, String job, String axle, String stage) {
        signIn(who);
        long id = axleOf(job, axle);
        page.navigate("/axles/" + id + "/" + stage);
        return id;
    }

    private long van(String stage) {
        return open("tam", "Light van, front discs", "front axle", stage);
    }

    private Locator row(String code) {
        return page.getByRole(AriaRole.ROW).filter(new Locator.FilterOptions().setHasText(code));
    }

    @Test
    void theTableIsNarrowedByWhatHoldsKitsUp() {
        van("match");
        assertThat(row("QF-101")).isVisible();
        page.getByLabel("Held up by").selectOption("SPOKES");
        assertThat(row("QF-102")).isVisible();
        assertThat(row("QF-101")).hasCount(0);
        page.getByLabel("Held up by").selectOption(new String[] {});
        page.getByLabel("Held up by").selectOption(new com.microsoft.playwright.options.SelectOption().setIndex(0));
        page.getByLabel("Find a kit").fill("metric");
        assertThat(row("QF-111")).isVisible();
        assertThat(row("QF-101")).hasCount(0);
        page.getByLabel("Find a kit").fill("");
        page.getByLabel("Order").selectOption("FULL_COST");
        assertThat(row("QF-101")).isVisible();
        button("QF-107, favourite").click();
        button("☆ Favourites").click();
        assertThat(row("QF-107")).isVisible();
        assertThat(row("QF-101")).hasCount(0);
        button("★ Favourites").click();
        button("QF-107, favourite").click();
        assertAccessible("match table narrowed");
    }

    @Test
    void kitsAreGroupedByWhatHoldsThemUp() {
        van("match");
        page.getByLabel("Order").selectOption("HELD");
        Locator groups = page.locator("tr.group");
        assertThat(groups.first()).containsText("Proven");
        Locator spokes = groups.filter(new Locator.FilterOptions().setHasText("Held up by caliper to spokes"));
        assertThat(spokes).hasCount(1);
        // the next row belongs to the group, as its own words say
        assertThat(spokes.locator("xpath=following-sibling::tr[1]")).containsText("held up by caliper to spokes");
        assertThat(page.locator("tr.group").last()).not().containsText("Proven");
    }

    @Test
    void arrowKeysGoFromCellToCell() {
        van("match");
        Locator open =
                page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName(Pattern.compile("^QF-101 ")));
        open.focus();
        page.keyboard().press("ArrowRight"); // favourite
        page.keyboard().press("ArrowRight"); // compare
        page.keyboard().press("ArrowRight");
        Locator first = page.getByRole(
                AriaRole.BUTTON, new Page.GetByRoleOptions().setName(Pattern.compile("^QF-101, Wheel pattern")));
        assertThat(first).isFocused();
        page.keyboard().press("Enter");
        assertThat(page.getByRole(AriaRole.DIALOG)).containsText("Studs stand on a circle");
    }

    @Test
    void kitsAreComparedSideBySide() {
        van("match");
        button("QF-101, compare").click();
        button("QF-102, compare").click();
        button("Compare 2").click();
        Locator dialog = page.getByRole(AriaRole.DIALOG);
        assertThat(dialog).containsText("Front set, sliding, 265 mm");
        assertThat(dialog.locator("tr.differs").filter(new Locator.FilterOptions().setHasText("Caliper to spokes")))
                .isVisible();
        waitForStillness();
        assertAccessible("kits side by side");
    }

    @Test
    void aReadingTakenElsewhereShowsInTheTableByItself() {
        long car = open("tam", "Field car, front discs", "front axle", "match");
        assertThat(row("QK-401")).isVisible();
        Page other = context.newPage();
        other.navigate("/axles/" + car + "/measure");
        other.keyboard().press("Alt+r");
        other.keyboard().press("Alt+3");
        other.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName(Pattern.compile("^Wheel under the nut")))
                .click();
        other.getByLabel("Reading", new Page.GetByLabelOptions().setExact(true)).fill("5.2");
        other.keyboard().press("Enter");
        assertThat(other.getByText(Pattern.compile("\\d+ to send"))).hasCount(0);
        page.bringToFront();
        assertThat(page.getByText("New readings: judged again")).isVisible();
    }

    @Test
    void theSectionMovesWithPadsSteeringAndTravel() {
        van("section?kit=QF-102");
        Locator sizes = page.locator(".gap .size");
        assertThat(sizes.nth(1)).containsText("2.90 mm");
        page.getByLabel("Pads").fill("1");
        assertThat(page.getByText("worn out")).isVisible();
        assertThat(sizes.nth(1)).not().containsText("2.90 mm");
        assertThat(page.getByText(Pattern.compile("Here the "))).isVisible();
        String ahead = page.getByText(Pattern.compile("Here the ")).textContent();
        page.getByLabel("Steering").fill("34");
        assertThat(page.getByText("34° turned in")).isVisible();
        assertThat(page.getByText(Pattern.compile("Here the "))).not().hasText(ahead);
        // moving the wheel shows what it comes near to, in the section as well as from above
        assertThat(page.locator("svg.zoomable")).containsText("frame rail");
        String rail = page.locator("svg.zoomable .fixed").first().getAttribute("d");
        page.getByLabel("Steering").fill("-20");
        assertThat(page.locator("svg.zoomable .fixed").first()).not().hasAttribute("d", rail);
        button("Tyre and chassis").click();
        assertThat(page.locator("svg.zoomable .fixed")).hasCount(0);
        page.getByLabel("Lay over").selectOption("wheel:W-1402");
        assertThat(page.getByText("Dashed in the second colour: QF-102 on wheel W-1402."))
                .isVisible();
        button("Zoom in").click();
        Locator drawing = page.getByRole(
                AriaRole.IMG, new Page.GetByRoleOptions().setName(Pattern.compile("Section of the wheel")));
        String zoomed = drawing.getAttribute("viewBox");
        drawing.focus();
        page.keyboard().press("ArrowRight");
        assertThat(drawing).not().hasAttribute("viewBox", zoomed);
        page.keyboard().press("0");
        assertThat(drawing).hasAttribute("viewBox", Pattern.compile("^0 0 .*"));
        assertAccessible("moving section");
    }

    private static final String NOTHING_SEEN = "Looked all round the knuckle or axle; nothing stands there";

    @Test
    void whatStandsAroundIsEnteredJudgedAndTakenBack() {
        long car = open("tam", "Field car, front discs", "front axle", "around");
        button("Right").click();
        assertThat(page.getByText(NOTHING_SEEN)).isVisible();
        page.getByLabel("Looked all round").first().check();
        Locator outboard = page.getByRole(
                AriaRole.IMG, new Page.GetByRoleOptions().setName(Pattern.compile("from outboard, right side")));
        outboard.click(new Locator.ClickOptions().setPosition(320, 60));
        page.getByRole(AriaRole.REGION, new Page.GetByRoleOptions().setName("What stands there"))
                .getByText("Steering stop")
                .click();
        Locator form =
                page.getByRole(AriaRole.REGION, new Page.GetByRoleOptions().setName("Readings of the steering stop"));
        assertThat(form.getByLabel("Direction, °")).not().hasValue("");
        // one hand: what is typed goes on by Enter, the first wanted has the focus
        for (String typed : List.of("80", "95", "far out", "4 3/4 in", "22")) {
            page.keyboard().type(typed);
            page.keyboard().press("Enter");
        }
        page.keyboard().press("Enter"); // nothing of it may be ground
        assertThat(form).isHidden();
        button("Keep").click();
        assertThat(page.getByRole(AriaRole.ALERT)).containsText("steering stop, to its nearest edge");
        page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName(Pattern.compile("steering stop")))
                .click();
        form.getByLabel("Axis to its near edge").fill("100");
        assertThat(outboard).containsText("1");
        page.getByText("Figures", new Page.GetByTextOptions().setExact(true)).click();
        assertThat(page.getByText(Pattern.compile("by tape: .*radius 100")).first())
                .isVisible();
        button("Keep").click();
        assertThat(page.getByText("The kits are judged by it from now on.")).isVisible();
        assertAccessible("around the wheel");
        button("Undo").click();
        assertThat(page.getByText(NOTHING_SEEN)).isVisible();
        assertThat(page.getByLabel("Looked all round").first()).not().isChecked();
        assertThat(car).isPositive();
    }

    @Test
    void theSearchFindsTheCheapestProvenCombination() {
        van("match");
        link("Cheapest proven …").click();
        Locator list = page.getByRole(AriaRole.LISTITEM);
        assertThat(list.first()).containsText("EUR");
        assertThat(page.getByText("None beats these in money")).isVisible();
        page.getByText("Work that may not be done").click();
        page.getByLabel("Bore the disc's centre").check();
        Locator old = page.getByText("What counts was changed since this was found.");
        assertThat(old).isVisible();
        button("Search again").click();
        assertThat(old).isHidden();
        assertThat(list.first()).containsText("EUR");
        assertThat(page.getByText("Bore the disc's centre (left)")).hasCount(0);
        assertAccessible("search");
    }

    @Test
    void whenNothingIsProvenTheSearchSaysWhatWouldProveOne() {
        open("tam", "Field car, front discs", "front axle", "search");
        assertThat(page.getByText("No combination is proven yet.")).isVisible();
        assertThat(page.getByRole(AriaRole.LISTITEM)
                        .filter(new Locator.FilterOptions().setHasText("Wanted"))
                        .first())
                .isVisible();
    }

    @Test
    void aWhatIfIsAskedKeptAndDropped() {
        van("what-if");
        page.getByLabel(Pattern.compile("^Wheel")).selectOption("W-1402");
        button("Judge").click();
        Locator spokes = page.getByText("Caliper to spokes, left: does not fit → fits");
        assertThat(spokes.first()).isVisible();
        // the answer goes with what it was given for
        page.getByLabel(Pattern.compile("^Wheel")).selectOption("W-1401");
        assertThat(spokes).hasCount(0);
        page.getByLabel(Pattern.compile("^Wheel")).selectOption("W-1402");
        button("Judge").click();
        assertThat(spokes.first()).isVisible();
        page.getByLabel("Name of this what-if").fill("spokes set out");
        button("Keep").click();
        assertThat(button("spokes set out")).isVisible();
        // a message that fades while it is measured would count as poor contrast
        assertThat(page.locator(".p-toast-message")).hasCount(0);
        assertAccessible("what if");
        button("Drop").click();
        assertThat(page.getByText("Change a reading, put on another wheel")).isVisible();
        button("spokes set out").click();
        assertThat(spokes.first()).isVisible();
        button("Drop spokes set out").click();
        assertThat(button("spokes set out")).hasCount(0);
    }

    @Test
    void templatesAreTakenOutAndAnOutlineIsReadIn() throws IOException {
        van("match");
        page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName(Pattern.compile("^QF-101 ")))
                .click();
        Download dxf = page.waitForDownload(() -> link("Caliper DXF").click());
        assertThat(Files.readString(dxf.path())).contains("AC1009").contains("OUTLINE");
        Download pdf = page.waitForDownload(() -> link("Bracket PDF").click());
        assertThat(Files.size(pdf.path())).isGreaterThan(2000);
        page.keyboard().press("Escape");
        page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName(Pattern.compile("^QF-114 ")))
                .click();
        assertThat(page.getByRole(AriaRole.DIALOG)).containsText("At true size");
        assertThat(page.getByLabel(Pattern.compile("outline in"))).hasCount(0); // the catalogue is the lead's
        String here = page.url();
        waitForStillness();
        page.keyboard().press("Escape");
        assertThat(page.getByRole(AriaRole.DIALOG)).isHidden();
        waitForStillness();
        button("Sign out").click();
        page.waitForURL("**/sign-in**");
        signIn("wilma");
        page.navigate(here);
        page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName(Pattern.compile("^QF-114 ")))
                .click();
        page.getByLabel("Read the caliper's outline in")
                .setInputFiles(new FilePayload(
                        "outline.csv",
                        "text/csv",
                        "x,r\n-48,84\n40,84\n40,141\n28,155\n-48,155\n".getBytes(StandardCharsets.UTF_8)));
        assertThat(page.getByText("Outline of 5 points read")).isVisible();
        page.getByLabel(Pattern.compile("outline in"))
                .setInputFiles(new FilePayload("outline.step", "text/plain", "x".getBytes(StandardCharsets.UTF_8)));
        assertThat(page.getByText("is none of DXF, SVG or CSV")).isVisible();
    }

    @Test
    void theLeadSetsALimitAndPutsItBack() {
        signIn("wilma");
        page.navigate("/shop");
        Locator gap = page.getByLabel("Turning wheel to caliper, least gap");
        assertThat(gap).hasValue("3");
        gap.fill("90");
        gap.press("Tab");
        assertThat(page.getByText(Pattern.compile("lies between 0.0 and 20.0"))).isVisible();
        gap.fill("4");
        gap.press("Tab");
        assertThat(page.getByText("Set; kits are judged by it from now on").first())
                .isVisible();
        gap.fill("");
        gap.press("Tab");
        assertThat(gap).hasValue("3");
    }
}
