package itrova.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.FilePayload;
import itrova.formats.DemoData;
import itrova.formats.JobDocument;
import java.nio.charset.StandardCharsets;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;

/** The traps of the demo's vehicles in the browser: each is shown, and a plan leads from as found to proven. */
class BrakesIT extends BrowserTest {
    private Locator finding(String words) {
        return page.locator("ul.findings > li").filter(new Locator.FilterOptions().setHasText(words));
    }

    /** Takes a copy of a demo job in, with a kit chosen for an axle, and opens its brakes. */
    private long brakesOf(int demo, String title, String axle, String kit) {
        signIn("tam");
        String was = DemoData.jobs().get(demo).title();
        String document = JobDocument.write(DemoData.jobs().get(demo)).replace(was, title);
        page.getByLabel("Job document to import")
                .setInputFiles(
                        new FilePayload("job.json", "application/json", document.getBytes(StandardCharsets.UTF_8)));
        assertThat(heading(title)).isVisible();
        long id = axleOf(title, axle);
        page.navigate("/axles/" + id + "/match");
        page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName(Pattern.compile("^" + kit + " ")))
                .first()
                .click();
        button("Choose this kit").click();
        assertThat(page.getByRole(AriaRole.DIALOG)).isHidden();
        Object job = page.evaluate(
                "(axle) => fetch(`/api/axles/${axle}/end`).then((r) => r.json()).then((end) => end.jobId)", (int) id);
        page.navigate("/jobs/" + job + "/vehicle");
        link("Brakes").click();
        assertThat(page.getByText("As planned: " + axle + ": " + kit)).isVisible();
        return id;
    }

    private void show(String part) {
        page.getByRole(AriaRole.GROUP, new Page.GetByRoleOptions().setName("Part of the brakes"))
                .getByRole(
                        AriaRole.BUTTON,
                        new Locator.GetByRoleOptions().setName(part).setExact(true))
                .click();
    }

    private void putIn(String code) {
        page.getByLabel("Put in").selectOption(code);
        page.getByRole(
                        AriaRole.BUTTON,
                        new Page.GetByRoleOptions().setName("Put in").setExact(true))
                .click();
        assertThat(button("Take " + code + " out of the plan")).isVisible();
    }

    private Locator part(String name) {
        return page.locator("svg.circuit")
                .getByRole(AriaRole.BUTTON, new Locator.GetByRoleOptions().setName(Pattern.compile("^" + name)));
    }

    /** A drum-era master with one circuit, whose residual valve nobody looked at: parts of the catalogue are proposed and planned. */
    @Test
    void theVansDrumEraMasterIsCaughtAndPartsProveIt() {
        long axle = brakesOf(0, "Van for the brakes", "front axle", "QF-103");
        assertThat(finding("Stroke of the master: does not fit")).isVisible();
        assertThat(finding("Residual valve: not proven")).containsText("Strip the master");
        page.navigate("/axles/" + axle + "/order");
        assertThat(page.getByText("The brakes of the vehicle as planned are proven not to do")
                        .first())
                .isVisible();
        assertThat(button("Place the order")).isDisabled();
        link("Look at the brakes").click();

        show("Circuit");
        button("Cut here").click();
        button("Cut the line to the rear axle").click();
        assertThat(page.getByText("One circuit: with this line cut nothing brakes"))
                .isVisible();
        waitForStillness();
        assertAccessible("circuit");

        show("Parts planned");
        button("Find the cheapest parts that prove it").click();
        button("Plan these parts").click();
        assertThat(button("Take TM-106 out of the plan")).isVisible();
        waitForStillness();
        assertAccessible("parts planned");
        show("What is proven");
        assertThat(finding("Stroke of the master: fits")).containsText("As found: does not fit");
        assertThat(finding("Residual valve: fits")).isVisible();
        assertThat(finding(": does not fit"))
                .hasCount(2); // the new master has no place for the stop lamps' switch and none for a failed circuit:
        // both advise
        show("Circuit");
        button("As planned").click();
        button("Cut here").click();
        button("Cut the line to the rear axle").click();
        assertThat(page.getByText("Still brakes at 500 N")).isVisible();

        page.navigate("/axles/" + axle + "/order");
        assertThat(page.getByText("Every check made is proven.")).isVisible();
        assertThat(page.getByText("TM-106 Tandem master 1 in")).isVisible();
        link("Choose").click();
        assertThat(page.getByRole(AriaRole.ROW)
                        .filter(new Locator.FilterOptions().setHasText("QF-103"))
                        .first())
                .containsText("brakes with it: fits");
    }

    /** What is written down is refused by name where it makes no sense, kept otherwise, and taken back. */
    @Test
    void theDrawingIsTheForm() {
        brakesOf(0, "Van for the drawing", "front axle", "QF-101");
        show("Circuit");
        part("Master").click();
        page.getByLabel("Master bore, mm, planned").fill("22 in");
        button("Save and work out").click();
        assertThat(page.getByRole(AriaRole.ALERT)).containsText("master bore");
        page.getByLabel("Master bore, mm, planned").fill("1 in");
        button("Save and work out").click();
        assertThat(page.getByText("Saved.")).isVisible();
        button("Undo").click();
        part("Master").click();
        assertThat(page.getByLabel("Master bore, mm, planned")).hasValue("");
        part("Brakes of the front axle").focus();
        page.keyboard().press("Enter");
        assertThat(page.getByLabel("Drum diameter, mm")).hasValue("9 in");
    }

    private void runLine(String from, String to, int index, String length) {
        part(from + "$").click();
        part(to + "$").click();
        page.locator("#line-length-" + index).fill(length);
    }

    /** Lines are run by touching their ends; a loop is refused by its line, nothing is lost, and who told it is told. */
    @Test
    void linesAreRunByTouch() {
        brakesOf(0, "Van for the lines", "front axle", "QF-101");
        show("Circuit");
        button("Run lines").click();
        runLine("outlet 1", "junction 1, front axle", 0, "400 mm");
        runLine("junction 1, front axle", "front axle, left", 1, "300 mm");
        runLine("junction 1, front axle", "front axle, right", 2, "1100 mm");
        runLine("junction 1, front axle", "rear axle, left", 3, "3000 mm");
        assertThat(page.getByText("No line yet: rear axle, right.")).isVisible();
        button("Save and work out").click();
        assertThat(page.getByRole(AriaRole.ALERT)).containsText("rear axle, right is a wheel without a line");
        runLine("rear axle, left", "rear axle, right", 4, "1200 mm");
        runLine("front axle, left", "front axle, right", 5, "900 mm");
        button("Save and work out").click();
        assertThat(page.getByRole(AriaRole.ALERT)).containsText("front axle, left to front axle, right closes a loop");
        button("Take out line 6").click();
        waitForStillness();
        assertAccessible("lines");
        button("Save and work out").click();
        assertThat(page.getByText("Saved.")).isVisible();
        page.getByText("Who told what, and when").click();
        assertThat(page.getByText("line axle 2 left to axle 2 right")).isVisible();
        button("Touch to tell").click();
        part("Brakes of the rear axle").focus();
        page.keyboard().press("Enter");
        page.getByLabel("Residual valve of its outlet").selectOption("PRESENT");
        page.getByLabel("Residual pressure, MPa").fill("10 psi");
        button("Save and work out").click();
        assertThat(page.getByText("Saved.")).isVisible();
        show("What is proven");
        assertThat(finding("Residual valve of drums: fits")).isVisible();
    }

    /** Discs behind, drums in front: the rear would lock first, the parking drums are gone, the master hides a residual valve. */
    @Test
    void theCoupesRearDiscsAreHeldBack() {
        brakesOf(1, "Coupe for the brakes", "rear axle", "QR-201");
        assertThat(page.getByText(Pattern.compile("Here the rear does \\d+ % of the stopping")))
                .isVisible();
        assertThat(finding("Front before rear, empty: does not fit")).isVisible();
        assertThat(finding("Holding on a hill: does not fit")).containsText("drums that are gone");
        assertThat(finding("Residual valve: does not fit")).isVisible();
        show("Parts planned");
        putIn("TM-106");
        putIn("BO-204");
        putIn("VA-304");
        page.getByLabel("Put in").selectOption("PA-701");
        page.locator("select").last().selectOption("rear axle");
        page.getByRole(
                        AriaRole.BUTTON,
                        new Page.GetByRoleOptions().setName("Put in").setExact(true))
                .click();
        assertThat(button("Take PA-701 out of the plan")).isVisible();
        show("What is proven");
        assertThat(finding("Front before rear, empty: not proven")).containsText("valve knee");
        show("Circuit");
        part("Valves").click();
        page.getByLabel("Valve knee, MPa, planned").fill("0.3");
        part("Parking brake").click();
        page.getByLabel("Parking brake, planned").selectOption("DRUM_IN_HAT");
        page.getByLabel("Hat drum diameter, mm, planned").fill("165 mm");
        page.getByLabel("Parking gain, planned").fill("40");
        button("Save and work out").click();
        assertThat(page.getByText("Saved.")).isVisible();
        show("What is proven");
        assertThat(finding("Front before rear, empty: fits")).isVisible();
        assertThat(finding("Holding on a hill: fits")).isVisible();
        assertThat(finding(": does not fit")).hasCount(1); // no lamp tells of a failed circuit: it advises
        show("Brake balance");
        assertThat(page.locator("canvas").first()).isVisible();
        waitForStillness();
        assertAccessible("brake balance");
    }

    /** A brake on the transmission is not reckoned but tried; the rest is proven by parts. */
    @Test
    void theFieldCarsTransmissionBrakeIsTried() {
        brakesOf(3, "Field car for the brakes", "front axle", "QK-401");
        assertThat(finding("Holding on a hill: not proven")).containsText("measured grade");
        show("Parts planned");
        button("Find the cheapest parts that prove it").click();
        button("Plan these parts").click();
        assertThat(page.getByRole(
                                AriaRole.BUTTON,
                                new Page.GetByRoleOptions().setName(Pattern.compile("out of the plan$")))
                        .first())
                .isVisible();
        show("Circuit");
        part("Parking brake").click();
        page.getByLabel("Grade held, %, planned").fill("25");
        button("Save and work out").click();
        assertThat(page.getByText("Saved.")).isVisible();
        show("What is proven");
        assertThat(finding("Holding on a hill: fits")).isVisible();
        assertThat(finding("Front before rear, laden: fits")).isVisible();

        show("A stop");
        assertThat(page.getByText(Pattern.compile("100 km/h · 0.00 m"))).isVisible();
        page.getByLabel("Moment").press("End");
        assertThat(page.getByText(Pattern.compile("^0 km/h · \\d+"))).isVisible();
        waitForStillness();
        assertAccessible("a stop");
        show("Pedal");
        page.getByLabel("Front pads").press("ArrowRight");
        assertThat(button("All as told")).isVisible();
        show("Heat");
        button("Draw 2000 series").click();
        assertThat(page.getByText("2000 of 2000")).isVisible();
        assertThat(page.getByText(Pattern.compile("New fluid boils in [\\d.]+ % of the series")))
                .isVisible();
        waitForStillness();
        assertAccessible("heat");
    }

    /** An actuator for drums is too weak for one kit and right for another. */
    @Test
    void theTrailersActuatorIsTooWeakForOneKit() {
        brakesOf(2, "Trailer for the brakes", "front trailer axle", "QT-302");
        show("Parts planned");
        putIn("AC-401");
        putIn("FL-802");
        putIn("LI-910");
        show("What is proven");
        assertThat(finding("Actuator's pressure: not proven")).isVisible();
        show("Parts planned");
        putIn("AC-402");
        assertThat(button("Take AC-401 out of the plan")).hasCount(0);
        show("What is proven");
        assertThat(finding("Actuator's pressure: fits")).isVisible();
        assertThat(finding("Breakaway: fits")).isVisible();
        assertThat(finding("Backing the trailer: fits")).isVisible();
    }
}
