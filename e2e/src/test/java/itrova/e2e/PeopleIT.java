package itrova.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.LoadState;
import org.junit.jupiter.api.Test;

/** People let in, given another role and retired by the lead; the own password; what the log tells of it; a lost answer. */
class PeopleIT extends BrowserTest {
    private static final String PASSWORD = "three words in a row";

    private void letIn(String login, String name) {
        signIn("wilma");
        page.navigate("/people");
        Locator form = page.locator("form").filter(new Locator.FilterOptions().setHas(heading("Let somebody in")));
        form.getByLabel("Name", new Locator.GetByLabelOptions().setExact(true)).fill(name);
        form.getByLabel("Sign-in name").fill(login);
        form.getByLabel("First password").fill(PASSWORD);
        button("Let in").click();
        assertThat(page.getByText(name + " may sign in as " + login)).isVisible();
    }

    private void signOut() {
        button("Sign out").click();
        page.waitForURL("**/sign-in**");
    }

    private void trySignIn(String login, String password) {
        page.navigate("/sign-in");
        page.getByLabel("Name").fill(login);
        page.getByLabel("Password").fill(password);
        button("Sign in").click();
    }

    @Test
    void somebodyLetInChangesThePasswordAndIsRetiredLater() {
        letIn("quill", "Quill Tarn");
        signOut();
        trySignIn("quill", PASSWORD);
        page.waitForURL("**/floor");
        assertThat(link("People")).hasCount(0);
        link("Quill Tarn").click();
        page.getByLabel("Present password").fill(PASSWORD);
        page.getByLabel("New password, 10").fill("four words in a row");
        page.getByLabel("New password once more").fill("four words in a rov");
        button("Change it").click();
        assertThat(page.getByRole(AriaRole.ALERT)).containsText("not typed the same twice");
        page.getByLabel("New password once more").fill("four words in a row");
        button("Change it").click();
        assertThat(page.getByText("Password changed")).isVisible();
        signOut();
        trySignIn("quill", PASSWORD);
        assertThat(page.getByRole(AriaRole.ALERT)).containsText("do not belong together");
        trySignIn("quill", "four words in a row");
        page.waitForURL("**/floor");
        signOut();

        signIn("wilma");
        page.navigate("/people");
        button("Retire quill").click();
        assertThat(page.getByText("Quill Tarn is retired")).isVisible();
        signOut();
        trySignIn("quill", "four words in a row");
        assertThat(page.getByRole(AriaRole.ALERT)).containsText("do not belong together");

        signIn("wilma");
        page.navigate("/log");
        Locator row = page.getByRole(AriaRole.ROW)
                .filter(new Locator.FilterOptions().setHasText("person changed"))
                .first();
        assertThat(row).containsText("Quill Tarn, MECHANIC → Quill Tarn, MECHANIC, retired");
        page.getByRole(AriaRole.COMBOBOX).selectOption("PASSWORD_CHANGED");
        assertThat(page.getByRole(AriaRole.ROW)
                        .filter(new Locator.FilterOptions().setHasText("quill"))
                        .first())
                .containsText("Quill Tarn");
    }

    @Test
    void theOnlyLeadCannotLeave() {
        signIn("wilma");
        page.navigate("/people");
        button("Retire wilma").click();
        assertThat(page.getByRole(AriaRole.ALERT)).containsText("only lead");
        page.getByLabel("Role of wilma").selectOption("VIEWER");
        button("Save wilma").click();
        assertThat(page.getByRole(AriaRole.ALERT)).containsText("only lead");
        assertThat(page.getByLabel("Role of wilma")).hasValue("LEAD");
    }

    /** The answer is lost on its way; the same button again makes no second job. */
    @Test
    void anAnswerLostMakesNoSecondJob() {
        signIn("tam");
        page.navigate("/new-job");
        page.getByLabel("What the shop calls it").fill("Lost answer");
        int[] tries = {0};
        page.route("**/api/jobs", route -> {
            if (route.request().method().equals("POST") && tries[0]++ == 0) {
                route.fetch(); // it reaches the server, and its answer nobody
                route.abort();
            } else {
                route.resume();
            }
        });
        button("Start measuring").click();
        assertThat(page.getByRole(AriaRole.ALERT)).containsText("cannot be reached");
        button("Start measuring").click();
        page.waitForURL("**/measure");
        page.unroute("**/api/jobs");
        page.navigate("/floor");
        assertThat(page.getByRole(AriaRole.HEADING, new Page.GetByRoleOptions().setName("Lost answer")))
                .hasCount(1);
    }

    /** What one typed without a connection is not sent as whoever signs in next. */
    @Test
    void whatOneTypedIsNotSentAsAnother() {
        signIn("tam");
        long van = axleOf("Light van, front discs", "front axle");
        page.evaluate("""
                (axle) => localStorage.setItem('itrova.outbox', JSON.stringify([{clientId: crypto.randomUUID(), axleId: axle,
                  side: 'LEFT', callout: 'REGISTER', title: 'Register diameter', text: '70.8', place: '', instrument: 'CALIPER_OUTSIDE',
                  units: 'METRIC', seen: 0, at: new Date().toISOString(), by: 'quill', confirmed: true}]))""", (int) van);
        page.reload();
        assertThat(page.getByText("1 waiting for quill to sign in")).isVisible();
        page.waitForLoadState(LoadState.NETWORKIDLE); // what it would send it would have sent
        assertThat((String) page.evaluate("() => localStorage.getItem('itrova.outbox')"))
                .contains("quill");
    }
}
