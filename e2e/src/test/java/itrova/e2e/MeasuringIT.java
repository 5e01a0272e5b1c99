package itrova.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.microsoft.playwright.Browser;
import com.microsoft.playwright.BrowserContext;
import com.microsoft.playwright.Download;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.FilePayload;
import java.awt.image.BufferedImage;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.util.List;
import java.util.regex.Pattern;
import javax.imageio.ImageIO;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Readings at the drawing: bad ones, odd ones, taken back ones. */
class MeasuringIT extends BrowserTest {
    private Locator reading;
    private Locator echo;

    @BeforeEach
    void newJob() {
        signIn("tam");
        button("mm").click(); // a person's units outlive the test that switched them
        button("New job").click();
        page.getByLabel("What the shop calls it").fill("Measuring");
        button("Start measuring").click();
        page.waitForURL(Pattern.compile(".*/axles/\\d+/measure"));
        reading = page.getByLabel("Reading", new Page.GetByLabelOptions().setExact(true));
        echo = page.locator("#understood");
        pick("Register diameter");
    }

    /** Picks a dimension of the hub's view, wherever the bench has gone on to. */
    private void pick(String title) {
        atHub(title).click();
        assertThat(page.getByRole(AriaRole.FORM).locator("h2")).containsText(title);
    }

    /** A dimension of the hub's view, which a reading entered may have left for the next one wanted. */
    private Locator atHub(String title) {
        button("Hub and studs").click();
        return callout(title);
    }

    private Locator callout(String title) {
        return page.getByRole(
                AriaRole.BUTTON, new Page.GetByRoleOptions().setName(Pattern.compile("^" + title + ": ")));
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "2 13/6x|is not a measure",
                "-5|cannot be negative",
                "''|Nothing was typed",
                "1000 in|is outside 30 mm (1.18 in) to 250 mm (9.84 in)",
                "12 kg|not a unit of length"
            })
    void whatCannotBeIsSaidPlainlyAndKept(String text, String message) {
        reading.fill(text);
        reading.press("Enter");
        assertThat(echo).containsText(message);
        assertThat(reading).hasValue(text);
        assertThat(callout("Register diameter")).hasAccessibleName("Register diameter: not read");
    }

    @Test
    void whatWasUnderstoodIsShownWhileTyping() {
        reading.fill("2 13/16");
        assertThat(echo).containsText("71.44 mm ± ");
        assertThat(echo).containsText("2.813 in");
        reading.fill("2 13/6x");
        assertThat(echo).containsText("13/6");
    }

    @Test
    void aReadingTenTimesItsNeighbourIsQuestionedAndMayBeKept() {
        pick("Stud stick-out");
        type("11.0");
        pick("Stud stick-out");
        type("110");
        assertThat(echo).containsText("decimal point");
        assertThat(reading).hasValue("110");
        button("Keep it").click();
        pick("Stud stick-out");
        assertThat(page.locator(".taken li strong")).hasText(new String[] {"11.0 mm", "110 mm"});
    }

    @Test
    void aReadingIsUndoneAndWithdrawn() {
        type("70.81");
        assertThat(atHub("Register diameter")).hasAccessibleName(Pattern.compile("70\\.81 mm ± 0\\.0"));
        page.keyboard().press("Control+z");
        assertThat(callout("Register diameter")).hasAccessibleName("Register diameter: not read");
        page.keyboard().press("Control+Shift+z");
        assertThat(atHub("Register diameter")).hasAccessibleName(Pattern.compile("70\\.81 mm ± 0\\.0"));
        pick("Register diameter");
        page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("Withdraw 70.81 mm"))
                .click();
        assertThat(callout("Register diameter")).hasAccessibleName("Register diameter: not read");
        page.locator("summary", new Page.LocatorOptions().setHasText("old")).click();
        assertThat(page.getByText("withdrawn, read by Tam Orrin").first()).isVisible();
        page.reload();
        button("Undo").click();
        assertThat(atHub("Register diameter")).hasAccessibleName(Pattern.compile("70\\.81 mm"));
        button("Undo").click();
        assertThat(callout("Register diameter")).hasAccessibleName("Register diameter: not read");
    }

    @Test
    void unitsSwitchForThePerson() {
        type("70.81");
        button("in").click();
        assertThat(atHub("Register diameter")).hasAccessibleName(Pattern.compile("2\\.788 in"));
        pick("Axle flange outside");
        type("5.82");
        assertThat(atHub("Axle flange outside")).hasAccessibleName(Pattern.compile("5\\.820 in"));
        button("mm").click();
        assertThat(atHub("Axle flange outside")).hasAccessibleName(Pattern.compile("147\\.83 mm"));
    }

    private static final String SENDING = "**/api/axles/*/readings";

    @Test
    void aLostConnectionLetsReadingsWaitOverAReloadAndSendsThemOnce() {
        page.route(SENDING, route -> route.abort());
        type("70.81");
        pick("Axle flange outside");
        type("147.9");
        assertThat(page.getByRole(AriaRole.STATUS).first()).containsText("2 to send");
        assertThat(page.getByRole(AriaRole.STATUS).first()).containsText("no connection");
        page.reload();
        assertThat(page.getByRole(AriaRole.STATUS).first()).containsText("2 to send");
        assertThat(callout("Register diameter")).hasAccessibleName("Register diameter: not read");
        page.unroute(SENDING);
        assertThat(atHub("Register diameter")).hasAccessibleName(Pattern.compile("70\\.81"));
        assertThat(atHub("Axle flange outside")).hasAccessibleName(Pattern.compile("147\\.90"));
        assertThat(page.getByText(Pattern.compile("\\d to send"))).hasCount(0);
        pick("Register diameter");
        assertThat(page.locator(".taken li strong")).hasText(new String[] {"70.81 mm"});
    }

    /** A reading half typed is there again after the back button and after a reload, at its own dimension, and is sent once. */
    @Test
    void whatIsHalfTypedIsThereAfterBackAndReload() {
        reading.fill("64.");
        link("Around").click();
        assertThat(heading("Around the wheel")).isVisible();
        page.goBack();
        assertThat(reading).hasValue("64.");
        assertThat(page.getByRole(AriaRole.FORM).locator("h2")).containsText("Register diameter");
        page.reload();
        assertThat(reading).hasValue("64.");
        assertThat(reading).isFocused();
        page.keyboard().press("End");
        type("98");
        assertThat(atHub("Register diameter")).containsText("64.98");
        page.reload();
        assertThat(reading).hasValue("");
    }

    @Test
    void aGaugesFastRepeatsAreAllKeptInOrder() {
        page.keyboard().press("Alt+h");
        page.keyboard().type("70.81\n70.82\n70.80\n70.83\n-70.8\n70.81\n");
        assertThat(page.locator(".taken li strong"))
                .hasText(new String[] {"70.81 mm", "70.82 mm", "70.80 mm", "70.83 mm", "70.81 mm"});
        assertThat(page.getByText("It cannot be negative").first()).isVisible();
    }

    @Test
    void aSimulatedGaugeInTheWrongModeIsMendedByOneTap() {
        page.keyboard().press("Alt+g");
        Locator gauge = page.getByRole(AriaRole.REGION, new Page.GetByRoleOptions().setName("Simulated gauge"));
        gauge.getByLabel("True size (mm)").fill("70.8");
        gauge.getByLabel("Display").selectOption("in");
        gauge.getByRole(AriaRole.BUTTON, new Locator.GetByRoleOptions().setName("Data"))
                .click();
        assertThat(echo).containsText("write the unit");
        page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName(Pattern.compile("^Take it as 2\\.78.* in")))
                .click();
        assertThat(atHub("Register diameter")).hasAccessibleName(Pattern.compile("70\\.[78]\\d mm"));
        gauge.getByLabel("Battery (%)").fill("1");
        gauge.getByRole(AriaRole.BUTTON, new Locator.GetByRoleOptions().setName("Data"))
                .click();
        assertThat(gauge).containsText("battery is empty");
    }

    @Test
    void twoPeoplesReadingsAreShownBesideEachOther() {
        BrowserContext othersContext =
                context.browser().newContext(new Browser.NewContextOptions().setBaseURL(RunningApplication.address()));
        Page other = othersContext.newPage();
        other.navigate("/sign-in");
        other.getByLabel("Name").fill("wilma");
        other.getByLabel("Password").fill("ambleford");
        other.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("Sign in"))
                .click();
        other.waitForURL("**/floor");
        other.navigate(page.url());
        other.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName(Pattern.compile("^Register diameter: ")))
                .click();
        other.getByLabel("Reading", new Page.GetByLabelOptions().setExact(true)).fill("70.90");
        other.keyboard().press("Enter");
        other.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("Hub and studs"))
                .click();
        assertThat(other.getByRole(
                        AriaRole.BUTTON,
                        new Page.GetByRoleOptions().setName(Pattern.compile("^Register diameter: 70"))))
                .isVisible();
        othersContext.close();

        type("70.81");
        Locator held =
                page.getByRole(AriaRole.ALERT, new Page.GetByRoleOptions().setName("Readings that wait for you"));
        assertThat(held).containsText("Wilma Quillfield: 70.90 mm");
        assertThat(held).containsText("yours: 70.81");
        button("Keep both").click();
        assertThat(held).hasCount(0);
        pick("Register diameter");
        assertThat(page.locator(".taken li strong")).hasText(new String[] {"70.90 mm", "70.81 mm"});
    }

    @Test
    void aCorrectionKeepsTheOldValueAndAPhotoIsKept() {
        type("70.18");
        pick("Register diameter");
        page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("Correct 70.18 mm"))
                .click();
        Locator corrected = page.getByLabel("Corrected reading");
        corrected.fill("70.81");
        corrected.press("Enter");
        assertThat(atHub("Register diameter")).hasAccessibleName(Pattern.compile("70\\.81"));
        pick("Register diameter");
        page.locator("summary", new Page.LocatorOptions().setHasText("1 old")).click();
        assertThat(page.getByText("corrected to 70.81").first()).isVisible();
        page.getByLabel("Photo for 70.81 mm").setInputFiles(new FilePayload("x.png", "image/png", onePixel()));
        assertThat(page.getByLabel("Photo of 70.81 mm")).isVisible();
        page.getByLabel("Photo for 70.81 mm")
                .setInputFiles(new FilePayload("x.png", "image/png", "no picture".getBytes(StandardCharsets.UTF_8)));
        assertThat(page.getByText("not a JPEG or PNG picture")).isVisible();
    }

    private static byte[] onePixel() {
        return java.util.Base64.getDecoder()
                .decode(
                        "iVBORw0KGgoAAAANSUhEUgAAAAEAAAABCAYAAAAfFcSJAAAADUlEQVR42mNkYPhfDwAChwGA60e6kgAAAABJRU5ErkJggg==");
    }

    @Test
    void paperAndTablesGoOutAndComeIn() throws IOException {
        type("70.81");
        page.getByText("Paper", new Page.GetByTextOptions().setExact(true)).click();
        Download pdf = page.waitForDownload(
                () -> page.getByText("Measuring sheet, PDF").click());
        org.assertj.core.api.Assertions.assertThat(Files.size(pdf.path())).isGreaterThan(5000);
        Download csv =
                page.waitForDownload(() -> page.getByText("Readings out, CSV").click());
        org.assertj.core.api.Assertions.assertThat(Files.readString(csv.path())).contains("left,register,,70.81 mm");
        page.getByLabel("Readings to import")
                .setInputFiles(new FilePayload(
                        "r.csv",
                        "text/csv",
                        "side,what,at,reading,with\nleft,flange,,12 kg,\n".getBytes(StandardCharsets.UTF_8)));
        assertThat(page.getByText("nothing was imported")).isVisible();
        button("Close").click();
        page.getByLabel("Readings to import")
                .setInputFiles(new FilePayload(
                        "r.csv",
                        "text/csv",
                        "side,what,at,reading,with\nleft,flange,,147.9,\n".getBytes(StandardCharsets.UTF_8)));
        assertThat(atHub("Axle flange outside")).hasAccessibleName(Pattern.compile("147\\.90"));
    }

    /** The paper's numbers in their order; Enter on an empty field passes a blank of the paper by. */
    @Test
    void whatStandsOnPaperIsTypedInInTheSheetsOrder() {
        Locator strip = page.getByRole(AriaRole.FORM).locator("h2");
        page.getByText("Paper", new Page.GetByTextOptions().setExact(true)).click();
        button("Type in from the sheet").click();
        assertThat(strip).containsText("Lug count");
        assertThat(strip).containsText("sheet no. 1");
        reading.press("Enter");
        assertThat(strip).containsText("sheet no. 2");
        assertThat(strip).containsText("Tyre to fender");
        type("45");
        assertThat(strip).containsText("Tyre to frame");
        type("60");
        assertThat(strip).containsText("Outside over next but one");
        reading.fill("121.33");
        reading.press("Enter");
        assertThat(strip).containsText("Stud thread");
        reading.fill("1/2-20");
        reading.press("Enter");
        assertThat(strip).containsText("Stud diameter");
        assertThat(atHub("Stud thread")).hasAccessibleName("Stud thread: 1/2-20");
    }

    /** A picture of seven pixels to a millimetre: a bar, and nothing else that the clicks need. */
    private static FilePayload photographedTemplate() throws IOException {
        BufferedImage picture = new BufferedImage(2400, 1600, BufferedImage.TYPE_INT_RGB);
        picture.createGraphics().fillRect(100, 60, 1500, 30);
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        ImageIO.write(picture, "png", out);
        return new FilePayload("template.png", "image/png", out.toByteArray());
    }

    /** Clicks places of the picture where they are shown, however it is scrolled. */
    private void clickInPicture(double x, double y) {
        page.getByRole(AriaRole.IMG, new Page.GetByRoleOptions().setName(Pattern.compile("photographed template")))
                .evaluate("""
                        (svg, [x, y]) => {
                          const p = new DOMPoint(x, y).matrixTransform(svg.getScreenCTM());
                          svg.dispatchEvent(new MouseEvent("click", { bubbles: true, clientX: p.x, clientY: p.y }));
                        }""", List.of(x, y));
    }

    private void trace() {
        clickInPicture(100, 75);
        clickInPicture(1600, 75);
        clickInPicture(1400, 1550 - 7 * 33);
        clickInPicture(1400, 1550 - 7 * 172);
        double[][] profile = {{-80, 185}, {-65, 172}, {-45, 160}, {-25, 170}, {-8, 171}, {4, 120}, {10, 80}};
        for (double[] p : profile) {
            clickInPicture(1400 + 7 * p[0], 1550 - 7 * p[1]);
        }
        page.getByLabel("Length of the bar").fill("214.29 mm");
        page.getByLabel("Radius at the third click").fill("33 mm");
        button("Take the profile").click();
    }

    @Test
    void aPhotographedTemplateIsTraced() throws IOException {
        page.locator("summary", new Page.LocatorOptions().setHasText("Paper")).click();
        button("Trace a photographed template …").click();
        Locator dialog = page.getByRole(AriaRole.DIALOG);
        dialog.locator("input[type=file]").setInputFiles(photographedTemplate());
        assertThat(dialog.getByText("Click one end of the scale bar.")).isVisible();
        trace();
        assertThat(dialog.getByRole(AriaRole.ALERT))
                .containsText("a tape is better"); // clicked on a picture shown small
        for (int i = 0; i < 11; i++) {
            button("Last click back").click();
        }
        button("Larger").click();
        button("Larger").click();
        trace();
        assertThat(dialog).isHidden();
        assertThat(page.getByText("barrel and").first()).isVisible();
        button("Wheel").click();
        assertThat(page.getByRole(
                        AriaRole.BUTTON, new Page.GetByRoleOptions().setName(Pattern.compile("^Backspacing: 80"))))
                .isVisible();
    }

    @Test
    void readingsAreNotTakenOverUnproved() {
        type("70.81");
        assertThat(atHub("Register diameter")).hasAccessibleName(Pattern.compile("70\\.81"));
        page.keyboard().press("Alt+r");
        button("Take over").click();
        page.getByRole(AriaRole.DIALOG)
                .getByRole(AriaRole.BUTTON, new Locator.GetByRoleOptions().setName("Take over"))
                .click();
        assertThat(page.getByRole(AriaRole.DIALOG)).containsText("proved, not assumed");
    }

    @Test
    void theVehicleSheetIsKept() {
        page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName("Measuring"))
                .click();
        page.getByLabel("Mass", new Page.GetByLabelOptions().setExact(true)).fill("12 stone");
        button("Save").click();
        assertThat(page.getByRole(AriaRole.ALERT)).containsText("stone");
        page.getByLabel("Mass", new Page.GetByLabelOptions().setExact(true)).fill("2730 lb");
        page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("Brake circuit as found"))
                .click();
        page.getByLabel("Circuits").selectOption("1");
        button("Save").click();
        assertThat(page.getByText("a cut line leaves no brakes")).isVisible();
        button("Undo").click();
        assertThat(page.getByText("a cut line leaves no brakes")).hasCount(0);
        button("Redo").click();
        assertThat(page.getByText("a cut line leaves no brakes")).isVisible();
        page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName(Pattern.compile("^front axle: ")))
                .click();
        page.getByLabel("Kind of axle end").selectOption("REAR_LIVE_AXLE");
        page.getByLabel("Shaft held by").selectOption("C_CLIP");
        button("Save").click();
        page.reload();
        assertThat(page.getByLabel("Mass", new Page.GetByLabelOptions().setExact(true)))
                .hasValue("2730 lb");
        page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName(Pattern.compile("^front axle: ")))
                .click();
        page.getByText("Measure this axle").click();
        button("Housing end").click();
        assertThat(callout("Axle offset, pulled out")).isVisible();
    }

    @Test
    void aViewerLooksOnly() {
        String url = page.url();
        button("Sign out").click();
        signIn("jory");
        page.navigate(url);
        assertThat(page.getByText("Your role looks only")).isVisible();
        assertThat(reading).hasCount(0);
        page.navigate("/floor");
        assertThat(button("New job")).hasCount(0);
    }
}
