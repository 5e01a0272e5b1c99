package itrova.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.FilePayload;
import com.microsoft.playwright.options.LoadState;
import java.nio.charset.StandardCharsets;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;

/** Every view by axe-core, in daylight and pit light, wide and narrow; imports; states without data. */
class ViewsIT extends BrowserTest {
    private void lookInDaylight(String path, String sign) {
        page.navigate(path);
        assertThat(page.getByText(sign).first()).isVisible();
        page.waitForLoadState(LoadState.NETWORKIDLE);
        assertAccessible(path);
    }

    private void look(String path, String sign) {
        lookInDaylight(path, sign);
        button("Pit light").click();
        waitForStillness();
        assertLegible(path + " in pit light");
        button("Pit light").click();
    }

    private void lookAtAll(long van) {
        look("/floor", "Light van, front discs");
        look("/new-job", "Start measuring");
        look("/parts", "QF-101");
        look("/parts/wheels", "W-1401");
        look("/parts/shelf", "AC-401");
        look("/parts/lists", "Of kits it tells");
        look("/parts/sheets/wheels/W-1401", "Used by");
        look("/shop", "caliper, outside jaws");
        look("/jobs/1/vehicle", "Used for");
        look("/jobs/1/brakes", "Stroke of the master");
        look("/jobs/1/road", "It does not move");
        look("/week", "Parcels awaited");
        look("/axles/" + van + "/measure", "Bolt circle");
        look("/axles/" + van + "/around", "King-pin axis and locks");
        look("/axles/" + van + "/search", "What counts");
        look("/axles/" + van + "/what-if", "Thought to be different");
        look("/axles/" + van + "/match", "Margins in");
        look("/axles/" + van + "/section?kit=QF-102", "Caliper to spokes");
        look("/axles/" + van + "/order", "kit");
        look("/axles/" + van + "/bench", "kit");
        look("/people", "Let somebody in");
        look("/account", "Change your password");
        look("/log", "From what to what");
        look("/nowhere", "Nothing is at this address");
    }

    private long vanWithKit() {
        signIn("wilma");
        long van = axleOf("Boat trailer, two axles", "front trailer axle");
        page.navigate("/axles/" + van + "/match");
        page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName(Pattern.compile("^QT-301 ")))
                .click();
        Locator choose = button("Choose this kit");
        assertThat(choose.or(button("Take the choice back"))).isVisible();
        if (choose.isVisible()) { // another test of this class may have chosen it
            choose.click();
            assertThat(page.getByRole(AriaRole.DIALOG)).isHidden();
        }
        return axleOfVan();
    }

    private long axleOfVan() {
        page.navigate("/floor");
        return axleOf("Light van, front discs", "front axle");
    }

    @Test
    void nothingSeriousInEitherLight() {
        page.navigate("/sign-in");
        assertThat(button("Sign in")).isVisible();
        assertAccessible("sign in");
        long van = vanWithKit();
        lookAtAll(van);
        long trailer = trailer();
        look("/axles/" + trailer + "/order", "Total");
        look("/axles/" + trailer + "/bench", "Lift and secure");
        page.navigate("/axles/" + van + "/match");
        page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName(Pattern.compile("^QF-107, Register")))
                .click();
        button("Why?").first().click();
        waitForStillness();
        assertAccessible("finding dialog");
    }

    private long trailer() {
        page.navigate("/floor");
        return axleOf("Boat trailer, two axles", "front trailer axle");
    }

    @Test
    void theBenchCardFitsAPhone() {
        vanWithKit();
        long trailer = trailer();
        page.setViewportSize(390, 844);
        lookInDaylight("/axles/" + trailer + "/bench", "Lift and secure");
        fits(390);
    }

    /** A phone and a large screen; on the phone the reading's field stands above the fold. */
    @Test
    void theMeasuringViewsFitEverySize() {
        signIn("wilma");
        long van = axleOfVan();
        for (int[] size : new int[][] {{390, 844}, {1920, 1080}}) {
            page.setViewportSize(size[0], size[1]);
            lookInDaylight("/axles/" + van + "/measure", "Take next");
            Locator reading = page.getByLabel("Reading", new Page.GetByLabelOptions().setExact(true));
            double bottom = ((Number) reading.evaluate("e => e.getBoundingClientRect().bottom")).doubleValue();
            assertThat(bottom).as("reading at " + size[0]).isLessThan(size[1]);
            fits(size[0]);
            lookInDaylight("/axles/" + van + "/around", "King-pin axis and locks");
            fits(size[0]);
            lookInDaylight("/jobs/1/vehicle", "Used for");
            fits(size[0]);
        }
    }

    private void fits(int width) {
        int overflow = (Integer) page.evaluate("() => document.documentElement.scrollWidth - window.innerWidth");
        assertThat(overflow).as(page.url() + " at " + width).isLessThanOrEqualTo(0);
    }

    @Test
    void aFaultyImportReportsByRowAndChangesNothing() {
        signIn("wilma");
        page.navigate("/parts");
        assertThat(page.getByText("QF-101")).isVisible();
        int before = page.getByRole(AriaRole.ROW).count();
        page.getByLabel("Kit document to import")
                .setInputFiles(new FilePayload(
                        "kits.json",
                        "application/json",
                        "{\"format\":\"itrova-kits/1\",\"kits\":[{\"code\":\"A\"}]}".getBytes(StandardCharsets.UTF_8)));
        assertThat(page.getByRole(AriaRole.ALERT)).containsText("nothing was imported");
        assertThat(page.getByRole(AriaRole.ALERT)).containsText("kits.json");
        assertAccessible("import report");
        button("Close").click();
        assertThat(page.getByRole(AriaRole.ROW)).hasCount(before);
    }

    @Test
    void wheelsAreImportedAllOrNone() {
        signIn("wilma");
        page.navigate("/parts/wheels");
        assertThat(page.getByRole(AriaRole.IMG, new Page.GetByRoleOptions().setName("Inside of wheel W-1401")))
                .isVisible();
        String wheel = """
                {"code":"%s","name":"Test wheel","lugs":5,"circle_mm":114.3,"stud_hole_mm":14.6,"backspacing_mm":%s,
                 "pad_mm":6,"bore_mm":71,"barrel_mm":[[10,362],[90,350]],"spokes_mm":[[90,12],[150,20]],
                 "supplier":"Made up","pair_price":"150.00","lead_days":3}""";
        importWheels(wheel.formatted("W-9001", "80") + "," + wheel.formatted("W-9002", "\"wide\""));
        assertThat(page.getByRole(AriaRole.ALERT)).containsText("nothing was imported");
        assertThat(page.getByRole(AriaRole.ALERT)).containsText("backspacing_mm");
        button("Close").click();
        assertThat(page.getByText("W-9001")).hasCount(0);
        importWheels(wheel.formatted("W-9001", "80"));
        assertThat(page.getByText("1 wheel imported")).isVisible();
        assertThat(page.getByRole(AriaRole.IMG, new Page.GetByRoleOptions().setName("Inside of wheel W-9001")))
                .isVisible();
    }

    private void importWheels(String wheels) {
        String document = "{\"format\":\"itrova-wheels/1\",\"wheels\":[" + wheels + "]}";
        page.getByLabel("Wheel document to import")
                .setInputFiles(
                        new FilePayload("wheels.json", "application/json", document.getBytes(StandardCharsets.UTF_8)));
    }

    /** Parts are found by what is typed; a count that is none is refused and nothing is lost. */
    @Test
    void partsAreFoundAndCounted() {
        signIn("tam");
        page.navigate("/parts/shelf");
        page.getByLabel("Find").fill("surge");
        Locator table = page.getByRole(AriaRole.REGION, new Page.GetByRoleOptions().setName("Parts"));
        assertThat(table).not().containsText("AC-401");
        Locator count = page.getByLabel("AC-403 on the shelf");
        count.fill("some");
        page.keyboard().press("Tab");
        assertThat(page.getByRole(AriaRole.ALERT)).containsText("“some” is no count");
        count.fill("2");
        page.keyboard().press("Tab");
        assertThat(page.getByText("2 × AC-403 on the shelf")).isVisible();
        page.reload();
        assertThat(page.getByLabel("AC-403 on the shelf")).hasValue("2");
        page.getByLabel("AC-403 on the shelf").fill("0");
        page.keyboard().press("Tab");
        assertThat(page.getByText("0 × AC-403 on the shelf")).isVisible();
        page.getByLabel("Find").fill("no such part");
        assertThat(page.getByText("No part is called so.")).isVisible();
    }

    @Test
    void anOrderWithoutAChoiceSaysWhereToGo() {
        signIn("tam");
        long rear = axleOf("Boat trailer, two axles", "rear trailer axle");
        page.navigate("/axles/" + rear + "/order");
        assertThat(page.getByRole(AriaRole.ALERT)).containsText("Choose one in the match table");
        link("To the match table").click();
        assertThat(page.getByText("Margins in").first()).isVisible();
    }

    @Test
    void someoneElsesChoiceIsShownNotOverwritten() {
        signIn("tam");
        long rear = axleOf("Boat trailer, two axles", "rear trailer axle");
        page.navigate("/axles/" + rear + "/match");
        Page other = context.newPage();
        other.navigate("/axles/" + rear + "/match");
        for (Page p : new Page[] {page, other}) {
            p.getByRole(
                            AriaRole.BUTTON,
                            new Page.GetByRoleOptions().setName(Pattern.compile(p == page ? "^QT-302 " : "^QT-305 ")))
                    .click();
        }
        button("Choose this kit").click();
        assertThat(page.locator(".tag")).hasText("chosen");
        other.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("Choose this kit"))
                .click();
        assertThat(other.getByText("changed by somebody else")).isVisible();
        assertThat(other.locator("tr.chosen")).containsText("QT-302");
    }

    @Test
    void aSessionThatEndedAsksToSignInAndComesBack() {
        signIn("tam");
        context.clearCookies();
        page.navigate("/parts/wheels");
        page.waitForURL("**/sign-in?to=/parts/wheels");
        page.getByLabel("Name").fill("tam");
        page.getByLabel("Password").fill("wrong");
        button("Sign in").click();
        assertThat(page.getByRole(AriaRole.ALERT)).containsText("do not belong together");
        page.getByLabel("Password").fill("ambleford");
        button("Sign in").click();
        page.waitForURL("**/parts/wheels");
    }
}
