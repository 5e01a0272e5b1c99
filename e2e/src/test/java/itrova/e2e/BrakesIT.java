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

/** The brakes of the van in the browser: the trap of its master is shown, and a plan mends it. */
class BrakesIT extends BrowserTest {
    private static final String TITLE = "Van for the brakes";

    private Locator finding(String words) {
        return page.locator("ul.findings > li").filter(new Locator.FilterOptions().setHasText(words));
    }

    @Test
    void theVansDrumEraMasterIsShownAndMendedByAPlan() {
        signIn("tam");
        String document = JobDocument.write(DemoData.jobs().get(0)).replace("Light van, front discs", TITLE);
        page.getByLabel("Job document to import")
                .setInputFiles(
                        new FilePayload("van.json", "application/json", document.getBytes(StandardCharsets.UTF_8)));
        assertThat(heading(TITLE)).isVisible();
        long axle = axleOf(TITLE, "front axle");
        page.navigate("/axles/" + axle + "/match");
        page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName(Pattern.compile("^QF-103 ")))
                .click();
        button("Choose this kit").click();
        assertThat(page.getByRole(AriaRole.DIALOG)).isHidden();

        Object job = page.evaluate(
                "(axle) => fetch(`/api/axles/${axle}/end`).then((r) => r.json()).then((end) => end.jobId)", (int) axle);
        page.navigate("/jobs/" + job + "/vehicle");
        link("What the brakes do").click();
        assertThat(page.getByText("As planned: front axle: QF-103")).isVisible();
        assertThat(finding("Stroke of the master: does not fit")).isVisible();
        assertThat(finding("Residual valve: not proven")).containsText("Strip the master");

        button("Circuit written down").click();
        page.locator("#p-split").selectOption("FRONT_REAR");
        page.locator("#p-residual").selectOption("NONE");
        page.locator("#p-booster").selectOption("VACUUM");
        page.locator("#p-MASTER_BORE").fill("22 in");
        button("Save and work out").click();
        assertThat(page.getByRole(AriaRole.ALERT)).containsText("master bore");
        page.locator("#p-MASTER_BORE").fill("1 1/8 in");
        page.locator("#p-MASTER_STROKE").fill("42 mm");
        button("Save and work out").click();
        assertThat(page.getByText("Saved.")).isVisible();
        button("What is proven").click();
        assertThat(finding("Stroke of the master: fits")).containsText("As found: does not fit");
        assertThat(finding("Residual valve: fits")).isVisible();
        button("Front before rear").click();
        assertThat(page.locator("canvas").first()).isVisible();
        waitForStillness();
        assertAccessible("adhesion");
        page.reload();
        assertThat(finding("Circuits: fits")).isVisible();
    }
}
