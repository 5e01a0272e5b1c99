package itrova.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.FilePayload;
import itrova.formats.DemoData;
import itrova.formats.JobDocument;
import java.nio.charset.StandardCharsets;
import org.junit.jupiter.api.Test;

/** Nothing typed is lost: over a reload, a lost connection and somebody else who changes the same. */
class DraftsIT extends BrowserTest {
    /** A copy of the van; gives the job's number. */
    private long van(String title) {
        signIn("tam");
        String document = JobDocument.write(DemoData.jobs().get(0))
                .replace(DemoData.jobs().get(0).title(), title);
        page.getByLabel("Job document to import")
                .setInputFiles(
                        new FilePayload("job.json", "application/json", document.getBytes(StandardCharsets.UTF_8)));
        assertThat(heading(title)).isVisible();
        return ((Number) page.evaluate(
                        "(axle) => fetch(`/api/axles/${axle}/end`).then((r) => r.json()).then((end) => end.jobId)",
                        (int) axleOf(title, "front axle")))
                .longValue();
    }

    private static void save(Page page) {
        page.getByRole(
                        AriaRole.BUTTON,
                        new Page.GetByRoleOptions().setName("Save").setExact(true))
                .click();
    }

    @Test
    void whatWasTypedIsThereAfterAReload() {
        long job = van("Van reloaded");
        page.navigate("/jobs/" + job + "/vehicle");
        page.getByLabel("Wheelbase").fill("2501 mm");
        page.waitForFunction("() => Object.keys(localStorage).some((k) => k.startsWith('itrova.draft.tam.vehicle'))");
        page.reload();
        assertThat(page.getByText("This was typed before and not saved yet.")).isVisible();
        assertThat(page.getByLabel("Wheelbase")).hasValue("2501 mm");
        button("Drop it").click();
        assertThat(page.getByLabel("Wheelbase")).not().hasValue("2501 mm");
        page.reload();
        assertThat(page.getByLabel("Wheelbase")).not().hasValue("2501 mm");
        assertThat(page.getByText("This was typed before and not saved yet.")).isHidden();
    }

    @Test
    void aLostConnectionLosesNothing() {
        long job = van("Van without a line");
        page.navigate("/jobs/" + job + "/brakes");
        button("Circuit").click();
        page.getByLabel("Pedal ratio", new Page.GetByLabelOptions().setExact(true))
                .fill("5.1");
        context.setOffline(true);
        button("Save and work out").click();
        assertThat(page.getByRole(AriaRole.ALERT)).isVisible();
        assertThat(page.getByLabel("Pedal ratio", new Page.GetByLabelOptions().setExact(true)))
                .hasValue("5.1");
        context.setOffline(false);
        page.reload();
        button("Circuit").click();
        assertThat(page.getByLabel("Pedal ratio", new Page.GetByLabelOptions().setExact(true)))
                .hasValue("5.1");
        button("Save and work out").click();
        assertThat(page.getByText("Saved.")).isVisible();
        page.reload();
        button("Circuit").click();
        assertThat(page.getByLabel("Pedal ratio", new Page.GetByLabelOptions().setExact(true)))
                .hasValue("5.1");
        assertThat(page.getByText("This was typed before and not saved yet.")).isHidden();
    }

    @Test
    void whatTwoChangeAtOnceIsBroughtTogether() {
        long job = van("Van of two");
        page.navigate("/jobs/" + job + "/vehicle");
        page.getByLabel("Wheelbase").fill("2502 mm");
        page.getByLabel("Tyre", new Page.GetByLabelOptions().setExact(true)).fill("175 R 14");
        Page wilma = another("wilma");
        wilma.navigate("/jobs/" + job + "/vehicle");
        wilma.getByLabel("Tyre", new Page.GetByLabelOptions().setExact(true)).fill("185 R 14");
        wilma.getByLabel("Height of the centre of gravity").fill("655 mm");
        save(wilma);
        assertThat(wilma.getByText("Saved.")).isVisible();

        save(page);
        assertThat(page.getByText("Somebody else changed this meanwhile.")).isVisible();
        assertThat(page.getByLabel("Height of the centre of gravity")).hasValue("655 mm");
        assertThat(page.getByLabel("Wheelbase")).hasValue("2502 mm");
        waitForStillness();
        assertAccessible("conflict");
        button("Take theirs: sheet, tyre, 185 R 14").click();
        assertThat(page.getByLabel("Tyre", new Page.GetByLabelOptions().setExact(true)))
                .hasValue("185 R 14");
        save(page);
        assertThat(page.getByText("Saved.")).isVisible();
        page.reload();
        assertThat(page.getByLabel("Wheelbase")).hasValue("2502 mm");
        assertThat(page.getByLabel("Tyre", new Page.GetByLabelOptions().setExact(true)))
                .hasValue("185 R 14");
        wilma.context().close();
    }

    /** The circuit the same: what only one changed is kept by both. */
    @Test
    void twoAtOneCircuit() {
        long job = van("Van of two circuits");
        page.navigate("/jobs/" + job + "/brakes");
        button("Circuit").click();
        page.getByLabel("Pedal ratio", new Page.GetByLabelOptions().setExact(true))
                .fill("4.9");
        Page wilma = another("wilma");
        wilma.navigate("/jobs/" + job + "/brakes");
        wilma.getByRole(
                        AriaRole.BUTTON,
                        new Page.GetByRoleOptions().setName("Circuit").setExact(true))
                .click();
        wilma.getByLabel("Push rod play, mm").fill("1 mm");
        wilma.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("Save and work out"))
                .click();
        assertThat(wilma.getByText("Saved.")).isVisible();
        button("Save and work out").click();
        assertThat(page.getByRole(AriaRole.ALERT)).containsText("both are brought together");
        assertThat(page.getByLabel("Push rod play, mm")).hasValue("1 mm");
        assertThat(page.getByLabel("Pedal ratio", new Page.GetByLabelOptions().setExact(true)))
                .hasValue("4.9");
        button("Save and work out").click();
        assertThat(page.getByText("Saved.")).isVisible();
        wilma.context().close();
    }
}
