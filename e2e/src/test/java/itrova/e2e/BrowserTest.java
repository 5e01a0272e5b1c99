package itrova.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.deque.html.axecore.playwright.AxeBuilder;
import com.microsoft.playwright.APIResponse;
import com.microsoft.playwright.Browser;
import com.microsoft.playwright.BrowserContext;
import com.microsoft.playwright.BrowserType;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.Playwright;
import com.microsoft.playwright.assertions.PlaywrightAssertions;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.FilePayload;
import com.microsoft.playwright.options.RequestOptions;
import itrova.formats.DemoData;
import itrova.formats.JobDocument;
import java.nio.charset.StandardCharsets;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.extension.AfterTestExecutionCallback;
import org.junit.jupiter.api.extension.RegisterExtension;

/** A page of Debian's headless Chromium on the running application. */
abstract class BrowserTest {
    private static Playwright playwright;
    private static Browser browser;
    /** How long a page may take to become as expected: other programs may keep both cores busy. */
    private static final double PATIENCE_MS = 120_000;

    private static final String AXE = AxeBuilder.getAxeScript();

    protected BrowserContext context;
    protected Page page;
    private final List<String> faults = new ArrayList<>();

    @BeforeAll
    static void open() {
        PlaywrightAssertions.setDefaultAssertionTimeout(PATIENCE_MS);
        playwright = Playwright.create();
        browser = playwright
                .chromium()
                .launch(new BrowserType.LaunchOptions()
                        .setExecutablePath(Path.of(RunningApplication.required("ITROVA_BROWSER")))
                        .setArgs(List.of(
                                "--no-sandbox",
                                "--disable-gpu",
                                "--disable-quic",
                                "--no-first-run",
                                "--disable-background-networking",
                                "--disable-component-update",
                                "--disable-sync")));
    }

    @AfterAll
    static void close() {
        browser.close();
        playwright.close();
    }

    @BeforeEach
    void openPage() {
        context = browser.newContext(
                new Browser.NewContextOptions().setViewportSize(1280, 800).setBaseURL(RunningApplication.address()));
        page = context.newPage();
        page.setDefaultTimeout(PATIENCE_MS);
        page.setDefaultNavigationTimeout(PATIENCE_MS);
        page.onPageError(faults::add);
        page.onConsoleMessage(m -> {
            // refused requests are shown by the browser as errors too; they are part of some tests
            if (m.type().equals("error") && !m.text().startsWith("Failed to load resource")) {
                faults.add(m.text());
            }
        });
        page.onRequest(r -> {
            if (!r.url().startsWith(RunningApplication.address())
                    && !r.url().startsWith("data:")
                    && !r.url().startsWith("blob:")) {
                faults.add("asked another host: " + r.url());
            }
        });
    }

    /** What stood there when a test failed. */
    @RegisterExtension
    final AfterTestExecutionCallback pictured = test -> {
        if (test.getExecutionException().isPresent()) {
            String name =
                    getClass().getSimpleName() + "-" + test.getDisplayName().replaceAll("\\W+", "-") + ".png";
            page.screenshot(new Page.ScreenshotOptions().setPath(Path.of(System.getProperty("itrova.traces"), name)));
        }
    };

    @AfterEach
    void closePages() {
        // those of others too: a page that is left goes on asking the server
        browser.contexts().forEach(BrowserContext::close);
        assertThat(faults).as("errors in the page").isEmpty();
    }

    /** The page of somebody else at another computer. */
    protected Page another(String login) {
        Page other = browser.newContext(new Browser.NewContextOptions()
                        .setViewportSize(1280, 800)
                        .setBaseURL(RunningApplication.address()))
                .newPage();
        other.setDefaultTimeout(PATIENCE_MS);
        signIn(other, login);
        return other;
    }

    protected void signIn(String login) {
        signIn(page, login);
    }

    /** By address; that the form does the same is looked at where signing in is what is looked at. */
    private static void signIn(Page page, String login) {
        page.request().get("/api/session");
        String token = page.context().cookies().stream()
                .filter(c -> c.name.equals("XSRF-TOKEN"))
                .findFirst()
                .orElseThrow()
                .value;
        APIResponse answer = page.request()
                .post(
                        "/api/session",
                        RequestOptions.create()
                                .setHeader("X-XSRF-TOKEN", token)
                                .setData(Map.of("login", login, "password", "ambleford")));
        assertThat(answer.status()).as(answer.text()).isEqualTo(200);
        page.navigate("/floor");
    }

    /** Waits until nothing fades or slides any more: a fade would be measured as poor contrast. */
    protected void waitForStillness() {
        page.waitForFunction("() => document.getAnimations().every((a) => a.playState !== 'running')");
    }

    protected Locator button(String name) {
        return page.getByRole(
                AriaRole.BUTTON, new Page.GetByRoleOptions().setName(name).setExact(true));
    }

    protected Locator link(String name) {
        return page.getByRole(
                AriaRole.LINK, new Page.GetByRoleOptions().setName(name).setExact(true));
    }

    protected Locator heading(String name) {
        return page.getByRole(AriaRole.HEADING, new Page.GetByRoleOptions().setName(name));
    }

    /** Goes on with Tab until the element has the focus, as somebody without a mouse would. */
    protected void tabTo(Locator wanted) {
        assertThat(wanted).isVisible();
        for (int i = 0; i < 120; i++) {
            if ((Boolean) wanted.evaluate("e => e === document.activeElement")) {
                return;
            }
            page.keyboard().press("Tab");
        }
        throw new AssertionError("not reached by Tab: " + wanted);
    }

    protected void type(String text) {
        page.keyboard().type(text);
        page.keyboard().press("Enter");
    }

    /** The axle page of a demo job. */
    protected long axleOf(String jobTitle, String axle) {
        String href = page.getByRole(AriaRole.ARTICLE)
                .filter(new Locator.FilterOptions().setHas(heading(jobTitle)))
                .getByRole(AriaRole.LISTITEM)
                .filter(new Locator.FilterOptions().setHasText(axle))
                .getByRole(AriaRole.LINK)
                .getAttribute("href");
        return Long.parseLong(href.replaceAll("\\D+", ""));
    }

    /** Nothing serious by axe-core's rules for WCAG 2.2 AA. */
    protected void assertAccessible(String view) {
        assertNothingSerious(view, "tag", List.of("wcag2a", "wcag2aa", "wcag21a", "wcag21aa", "wcag22aa"));
    }

    /** The colours only: all else is the same in either light. */
    protected void assertLegible(String view) {
        assertNothingSerious(view, "rule", List.of("color-contrast"));
    }

    /** Asked in the page itself: every node that passes, brought over as the builder does, takes more time than the rules do. */
    private void assertNothingSerious(String view, String type, List<String> values) {
        if (!(Boolean) page.evaluate("() => 'axe' in window")) {
            page.evaluate(AXE);
        }
        Object looked = page.evaluate("""
                async ([type, values]) => {
                  const { violations, passes } = await axe.run(document, {
                    runOnly: { type, values }, resultTypes: ["violations"] });
                  if (passes.length === 0) return ["no rule found anything to look at"];
                  return violations
                    .filter((v) => ["serious", "critical"].includes(v.impact))
                    .map((v) => `${v.id}: ${v.help} at ${v.nodes.slice(0, 3).map((n) => n.html)}`);
                }
                """, List.of(type, values));
        assertThat((List<?>) looked).as(view).isEmpty();
    }

    /** A copy of the van with a kit chosen and its brakes planned; gives the axle. */
    long van(String login, String title) {
        return van(login, title, "QF-103");
    }

    /** The same with a kit of one's own choice. */
    long van(String login, String title, String kit) {
        signIn(login);
        String document = JobDocument.write(DemoData.jobs().get(0))
                .replace(DemoData.jobs().get(0).title(), title);
        page.getByLabel("Job document to import")
                .setInputFiles(
                        new FilePayload("job.json", "application/json", document.getBytes(StandardCharsets.UTF_8)));
        assertThat(heading(title)).isVisible();
        long axle = axleOf(title, "front axle");
        BrakePlans.plan(page, axle, BrakePlans.VAN);
        BrakePlans.choose(page, axle, kit);
        return axle;
    }

    /** On the order sheet: sends what goes on paper, and counts everything as come whole once the suppliers have answered. */
    void receiveEverything() {
        Locator onPaper = page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("Sent on paper to"));
        Locator came = page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("Counted: all from"));
        Locator suppliers = page.getByRole(AriaRole.REGION, new Page.GetByRoleOptions().setName("Orders to suppliers"));
        assertThat(suppliers).not().containsText("waits to be sent");
        assertThat(onPaper.or(came).first()).isVisible();
        for (Locator each : new Locator[] {onPaper, came}) {
            for (int left = each.count(); left > 0; left--) {
                each.first().click();
                assertThat(each).hasCount(left - 1);
            }
        }
        assertThat(suppliers).containsText("all came");
    }

    /** Reads the caution of a step, where it was not read before in this job. */
    void readCaution() {
        Locator read = button("I have read this");
        if (read.count() > 0) {
            read.click();
        }
    }
}
