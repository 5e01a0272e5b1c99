package itrova.server;

import static org.assertj.core.api.Assertions.assertThat;

import itrova.server.TestServer.Answer;
import itrova.server.TestServer.Client;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.JsonNode;

/** The match table narrowed, favourites, comparison, section, search, what-if, templates, limits: on a real MariaDB. */
class ChoosingApiTest {
    private static TestServer server;
    private static Client lead;
    private static Client mechanic;
    private static Client viewer;
    private static long van;
    private static long coupe;

    @BeforeAll
    static void start() throws Exception {
        server = TestServer.start();
        lead = server.signedIn("wilma");
        mechanic = server.signedIn("tam");
        viewer = server.signedIn("jory");
        van = axle("Light van, front discs");
        coupe = axle("Coupe, rear discs");
    }

    @AfterAll
    static void stop() {
        server.close();
    }

    private static long axle(String title) throws Exception {
        for (JsonNode job : lead.get("/api/jobs").json().path("jobs")) {
            if (job.path("title").asString().equals(title)) {
                return job.path("axles").get(0).path("id").asLong();
            }
        }
        throw new AssertionError("no job " + title);
    }

    private static JsonNode ok(Answer answer) {
        assertThat(answer.status()).as(answer.text()).isEqualTo(200);
        return answer.json();
    }

    private static JsonNode match(long axle, String query) throws Exception {
        return ok(mechanic.get("/api/axles/" + axle + "/match" + query));
    }

    @Test
    void theTableIsNarrowedSortedAndPaged() throws Exception {
        JsonNode all = match(van, "");
        int total = all.path("total").asInt();
        assertThat(total).isGreaterThan(15);
        JsonNode misfits = match(van, "?verdict=DOES_NOT_FIT");
        assertThat(misfits.path("total").asInt()).isBetween(1, total - 1);
        misfits.path("rows")
                .forEach(r -> assertThat(r.path("heldBy").asString()).isNotBlank());
        JsonNode byCheck = match(van, "?held=SPOKES");
        byCheck.path("rows")
                .forEach(r -> assertThat(r.path("heldBy").asString()).isEqualTo("SPOKES"));
        int counted = 0;
        for (JsonNode h : all.path("heldBy")) {
            if (h.path("check").asString().equals("SPOKES")) {
                counted = h.path("count").asInt();
            }
        }
        assertThat(byCheck.path("total").asInt()).isEqualTo(counted);
        JsonNode cheap = match(van, "?sort=FULL_COST&limit=3");
        assertThat(cheap.path("rows")).hasSize(3);
        assertThat(cheap.path("rows").get(0).path("fullCents").asLong())
                .isLessThanOrEqualTo(cheap.path("rows").get(1).path("fullCents").asLong());
        JsonNode next = match(van, "?sort=FULL_COST&limit=3&offset=3");
        assertThat(next.path("rows").get(0).path("fullCents").asLong())
                .isGreaterThanOrEqualTo(
                        cheap.path("rows").get(2).path("fullCents").asLong());
        JsonNode byMargin = match(van, "?sort=MARGIN&by=BARREL");
        double first = left(byMargin.path("rows").get(0));
        assertThat(first).isGreaterThanOrEqualTo(left(byMargin.path("rows").get(1)));
        assertThat(match(van, "?text=qf-101").path("total").asInt()).isEqualTo(1);
    }

    private static double left(JsonNode row) {
        for (JsonNode c : row.path("cells")) {
            if (c.path("check").asString().equals("BARREL")) {
                return c.path("margin").asDouble() - c.path("doubt").asDouble();
            }
        }
        return -1e9;
    }

    @Test
    void favouritesAreEachPersonsOwn() throws Exception {
        ok(mechanic.put("/api/axles/" + van + "/liked/QF-107", ""));
        assertThat(match(van, "?onlyLiked=true").path("total").asInt()).isEqualTo(1);
        assertThat(ok(lead.get("/api/axles/" + van + "/match?onlyLiked=true"))
                        .path("total")
                        .asInt())
                .isZero();
        ok(mechanic.delete("/api/axles/" + van + "/liked/QF-107"));
        assertThat(match(van, "?onlyLiked=true").path("total").asInt()).isZero();
        assertThat(mechanic.put("/api/axles/" + van + "/liked/NONE", "").status())
                .isEqualTo(404);
    }

    @Test
    void theStampChangesWithEveryReadingAndTheRowsFollow() throws Exception {
        long other = axle("Field car, front discs");
        JsonNode before = match(other, "");
        Answer taken = mechanic.post("/api/axles/" + other + "/readings", """
                {"clientId":"6a1f2c1e-0d5b-4d1f-9a50-0d1f2c3b4a5e","side":"RIGHT","callout":"WHEEL_PAD","text":"5.2","place":"",
                 "instrument":"CALIPER_OUTSIDE","confirmed":false}""");
        ok(taken);
        String stamp = ok(mechanic.get("/api/axles/" + other + "/match-stamp"))
                .path("stamp")
                .asString();
        assertThat(stamp).isNotEqualTo(before.path("stamp").asString());
        assertThat(match(other, "").path("stamp").asString()).isEqualTo(stamp);
    }

    @Test
    void fourKitsAreComparedAndNoMore() throws Exception {
        JsonNode four = ok(mechanic.get("/api/axles/" + van + "/compare?kit=QF-101&kit=QF-102&kit=QF-103&kit=QF-107"));
        assertThat(four).hasSize(4);
        assertThat(four.get(0).path("fullCents").asLong())
                .isGreaterThan(four.get(0).path("priceCents").asLong());
        Answer five = mechanic.get("/api/axles/" + van + "/compare?kit=A&kit=B&kit=C&kit=D&kit=E");
        assertThat(five.status()).isEqualTo(422);
        assertThat(five.text()).contains("one to 4");
    }

    @Test
    void theSectionMovesWithThePadsAndTakesAnotherWheel() throws Exception {
        String base = "/api/axles/" + van + "/section?kit=QF-102&side=LEFT";
        JsonNode fresh = ok(mechanic.get(base + "&wear=0"));
        JsonNode worn = ok(mechanic.get(base + "&wear=1"));
        double travel = fresh.path("wearTravel").asDouble();
        assertThat(travel).isEqualTo(12);
        assertThat(gap(worn, "SPOKES")).isGreaterThan(gap(fresh, "SPOKES"));
        JsonNode other = ok(mechanic.get(base + "&wheel=W-1402"));
        assertThat(gap(other, "SPOKES")).isGreaterThan(gap(fresh, "SPOKES") + 5);
        assertThat(mechanic.get(base + "&wheel=NONE").status()).isEqualTo(404);
    }

    private static double gap(JsonNode section, String check) {
        for (JsonNode g : section.path("gapsAt")) {
            if (g.path("check").asString().equals(check)) {
                return g.path("size").asDouble();
            }
        }
        throw new AssertionError(check);
    }

    @Test
    void thePoseStaysWithinTheLocksAndComesNearerAtFullLock() throws Exception {
        String base = "/api/axles/" + van + "/pose?kit=QF-101&side=LEFT";
        JsonNode ahead = ok(mechanic.get(base));
        JsonNode lock = ok(mechanic.get(base + "&steer=80"));
        assertThat(lock.path("steer").asDouble()).isEqualTo(lock.path("lockIn").asDouble());
        assertThat(nearest(lock)).isLessThan(nearest(ahead));
        assertThat(ahead.path("boxes")).hasSize(3);
        JsonNode field = ok(mechanic.get("/api/jobs")).path("jobs");
        assertThat(field).isNotEmpty();
        Answer unknown = mechanic.get("/api/axles/" + axle("Field car, front discs") + "/pose?kit=QK-401&side=RIGHT");
        assertThat(unknown.status()).isEqualTo(409);
        assertThat(unknown.text()).contains("Around the wheel");
    }

    private static double nearest(JsonNode pose) {
        double least = Double.POSITIVE_INFINITY;
        for (JsonNode d : pose.path("distances")) {
            least = Math.min(least, d.path("distance").asDouble());
        }
        return least;
    }

    private static String change(JsonNode view) {
        return "{\"version\":" + view.path("version").asInt() + ",\"left\":" + view.path("left") + ",\"right\":"
                + view.path("right") + "}";
    }

    /** A kit replaced by an import is judged by its new figures at once; those not in the file stay as they are. */
    @Test
    void aReplacedKitIsJudgedByItsNewFigures() throws Exception {
        JsonNode catalogue = ok(lead.get("/api/kits/document"));
        int total = ok(lead.get("/api/kits")).path("total").asInt();
        String one = "";
        for (JsonNode kit : catalogue.path("kits")) {
            if (kit.path("code").asString().equals("QF-108")) {
                one = kit.toString();
            }
        }
        String stamp = match(van, "").path("stamp").asString();
        String document = "{\"format\":\"itrova-kits/1\",\"kits\":[%s,%s]}";
        String dearer = one.replaceFirst("\"price\":\"[0-9.]+\"", "\"price\":\"999.00\"");
        String other = one.replaceFirst("QF-108", "QF-908");
        assertThat(ok(lead.post("/api/kits/import?file=two.json", document.formatted(dearer, other)))
                        .path("taken")
                        .asInt())
                .isEqualTo(2);
        assertThat(ok(lead.get("/api/kits")).path("total").asInt()).isEqualTo(total + 1);
        JsonNode now = match(van, "?text=QF-108");
        assertThat(now.path("rows").get(0).path("priceCents").asLong()).isEqualTo(99_900);
        assertThat(now.path("stamp").asString()).isNotEqualTo(stamp);
        assertThat(match(van, "?text=QF-908").path("total").asInt()).isEqualTo(1);
        assertThat(match(van, "?text=QF-101").path("total").asInt()).isEqualTo(1);
        ok(lead.post("/api/kits/import?file=back.json", document.formatted(one, other)));
    }

    @Test
    void thePartsWallComesPageByPage() throws Exception {
        JsonNode first = ok(viewer.get("/api/kits?limit=5"));
        JsonNode second = ok(viewer.get("/api/kits?limit=5&offset=5"));
        assertThat(first.path("kits")).hasSize(5);
        assertThat(second.path("kits")).hasSize(5);
        assertThat(first.path("kits").get(4).path("code").asString())
                .isLessThan(second.path("kits").get(0).path("code").asString());
        assertThat(ok(viewer.get("/api/kits?text=trailer&limit=999")).path("kits"))
                .allSatisfy(k -> assertThat(k.path("name").asString()).containsIgnoringCase("trailer"));
        assertThat(ok(viewer.get("/api/kits?offset=99999")).path("kits")).isEmpty();
        assertThat(ok(viewer.get("/api/kits?text=no-such-kit")).path("total").asInt())
                .isZero();
        assertThat(viewer.get("/api/kits?offset=soon").status()).isEqualTo(400);
    }

    /** Valve, spare and hub are judged as soon as somebody looked, and leave the list of what is checked by hand. */
    @Test
    void detailsOfHubAndWheelAreKeptAndJudged() throws Exception {
        long car = axle("Field car, front discs");
        String path = "/api/axles/" + car + "/around";
        JsonNode before = ok(mechanic.get(path));
        assertThat(match(car, "").path("notChecked").toString()).contains("valve stem", "spare wheel");
        String details =
                "\"details\":{\"held\":\"FULL_FLOATING\",\"noValve\":false,\"valveDepth\":\"2 in\",\"valveHeight\":\"1/2 in\",\"capRoom\":\"\",\"spare\":\"%s\",\"wheelRated\":\"1540 lb\",\"donor\":[]}";
        String unknown = change(before).replaceAll("\"details\":\\{[^}]*}", details.formatted("W-0000"));
        Answer refused = mechanic.put(path, unknown);
        assertThat(refused.status()).isEqualTo(422);
        assertThat(refused.text()).contains("spare wheel").contains("W-0000");
        JsonNode kept =
                ok(mechanic.put(path, change(before).replaceAll("\"details\":\\{[^}]*}", details.formatted("W-1601"))));
        assertThat(kept.path("left").path("details").path("valveDepth").asString())
                .isEqualTo("50.8 mm");
        assertThat(kept.path("right").path("details").path("spare").asString()).isEqualTo("W-1601");
        JsonNode table = match(car, "");
        assertThat(table.path("notChecked").toString()).doesNotContain("valve stem", "spare wheel");
        List<String> checks = new ArrayList<>();
        table.path("checks").forEach(c -> checks.add(c.path("id").asString()));
        assertThat(checks).contains("VALVE", "SPARE", "HUB_HELD");
        JsonNode undone = ok(mechanic.put(path, change(kept).replaceAll("\"details\":\\{[^}]*}", """
                "details":{"held":"","noValve":true,"valveDepth":"","valveHeight":"","capRoom":"","spare":"NONE","wheelRated":"","donor":[]}""")));
        assertThat(undone.path("left").path("details").path("noValve").asBoolean())
                .isTrue();
        assertThat(match(car, "").path("notChecked").toString())
                .contains("how hub and wheel are held")
                .doesNotContain("valve stem");
    }

    @Test
    void whatStandsAroundIsKeptInShopNotationAndClashesAreSeen() throws Exception {
        String path = "/api/axles/" + coupe + "/around";
        JsonNode now = ok(mechanic.get(path));
        String changed = change(now).replaceAll("\"bump\":\"[^\"]*\"", "\"bump\":\"3 1/2 in\"");
        JsonNode kept = ok(mechanic.put(path, changed));
        assertThat(kept.path("left").path("travel").path("bump").asString()).isEqualTo("88.9 mm");
        Answer stale = lead.put(path, changed);
        assertThat(stale.status()).isEqualTo(409);
        String wrong = change(kept).replaceAll("\"droop\":\"[^\"]*\"", "\"droop\":\"far\"");
        Answer refused = mechanic.put(path, wrong);
        assertThat(refused.status()).isEqualTo(422);
        assertThat(refused.text()).contains("travel down").contains("far");
        assertThat(viewer.put(path, changed).status()).isEqualTo(403);
        Answer half = mechanic.put(path, "{\"version\":1,\"left\":{},\"right\":{}}");
        assertThat(half.status()).isBetween(400, 422);
    }

    @Test
    void theSearchRunsReportsAndEnds() throws Exception {
        JsonNode terms = ok(mechanic.get("/api/axles/" + van + "/search/terms"));
        assertThat(terms.path("wheelStays").asBoolean()).isTrue();
        JsonNode started = ok(mechanic.post("/api/axles/" + van + "/search", """
                {"centsPerDay":500,"centsPerHour":6000,"centsPerIrreversible":5000,"otherWheels":true,"forbidden":["BORE_DISC"]}"""));
        JsonNode view = started;
        for (int n = 0; n < 300 && view.path("result").isMissingNode(); n++) {
            Thread.sleep(100);
            view = ok(mechanic.get(
                    "/api/axles/" + van + "/search/" + started.path("id").asString()));
        }
        JsonNode best = view.path("result").path("best");
        assertThat(best).isNotEmpty();
        assertThat(view.path("result").path("complete").asBoolean()).isTrue();
        double last = 0;
        for (JsonNode c : best) {
            assertThat(c.path("rank").asDouble()).isGreaterThanOrEqualTo(last);
            assertThat(c.path("works").toString()).doesNotContain("Bore the disc");
            last = c.path("rank").asDouble();
        }
        assertThat(mechanic.get("/api/axles/" + coupe + "/search/"
                                + started.path("id").asString())
                        .status())
                .isEqualTo(404);
        ok(mechanic.delete("/api/axles/" + van + "/search/" + started.path("id").asString()));
        Answer bad = mechanic.post("/api/axles/" + van + "/search", """
                {"centsPerDay":-1,"centsPerHour":0,"centsPerIrreversible":0,"otherWheels":false,"forbidden":[]}""");
        assertThat(bad.status()).isEqualTo(422);
    }

    @Test
    void aWhatIfNeverTouchesTheRecord() throws Exception {
        String before = match(coupe, "").path("stamp").asString();
        String changes = """
                {"readings":[{"side":"RIGHT","callout":"WHEEL_WEIGHTS","place":"","value":"3"}],"wheel":null,"spacer":""}""";
        JsonNode answer = ok(mechanic.post("/api/axles/" + coupe + "/what-if", changes));
        assertThat(answer.path("changed")).isNotEmpty();
        assertThat(answer.toString()).contains("Caliper to barrel, right: not proven → fits");
        assertThat(match(coupe, "").path("stamp").asString()).isEqualTo(before);
        JsonNode kept = ok(mechanic.post(
                "/api/axles/" + coupe + "/what-if/kept", "{\"title\":\"weights read\",\"changes\":" + changes + "}"));
        assertThat(kept).hasSize(1);
        assertThat(kept.get(0).path("by").asString()).isEqualTo("Tam Orrin");
        assertThat(ok(mechanic.delete("/api/axles/" + coupe + "/what-if/kept/"
                        + kept.get(0).path("id").asLong())))
                .isEmpty();
        Answer wrong = mechanic.post("/api/axles/" + coupe + "/what-if", """
                {"readings":[{"side":"LEFT","callout":"REGISTER","place":"","value":"x"}],"wheel":null,"spacer":""}""");
        assertThat(wrong.status()).isEqualTo(422);
        assertThat(wrong.text()).contains("Register diameter");
        JsonNode spaced = ok(mechanic.post(
                "/api/axles/" + van + "/what-if", "{\"readings\":[],\"wheel\":null,\"spacer\":\"5 mm\"}"));
        assertThat(spaced.toString()).contains("Caliper to spokes, left: does not fit → fits");
    }

    @Test
    void templatesComeInThreeFormatsAndOutlinesAreReadIn() throws Exception {
        assertThat(mechanic.get("/api/kits/QF-101/template?part=CALIPER&as=PDF").text())
                .startsWith("%PDF");
        assertThat(mechanic.get("/api/kits/QF-101/template?part=CALIPER&as=SVG").text())
                .contains("mm\" viewBox");
        assertThat(mechanic.get("/api/kits/QF-101/template?part=BRACKET&as=DXF").text())
                .contains("AC1009");
        Answer blind = mechanic.get("/api/kits/QF-106/template?part=CALIPER&as=DXF");
        assertThat(blind.status()).isEqualTo(409);
        String csv = "-48, 84\n40, 84\n40, 141\n28, 155\n-48, 155\n";
        assertThat(mechanic.post(
                                "/api/kits/QF-106/outline?format=CSV",
                                "text/plain",
                                csv.getBytes(StandardCharsets.UTF_8))
                        .status())
                .as("the catalogue is the lead's")
                .isEqualTo(403);
        JsonNode taken = ok(
                lead.post("/api/kits/QF-106/outline?format=CSV", "text/plain", csv.getBytes(StandardCharsets.UTF_8)));
        assertThat(taken.path("points").asInt()).isEqualTo(5);
        assertThat(mechanic.get("/api/kits/QF-106/template?part=CALIPER&as=DXF").status())
                .isEqualTo(200);
        Answer far = lead.post(
                "/api/kits/QF-106/outline?format=CSV",
                "text/plain",
                "-60, 40\n4000, 40\n4000, 900\n".getBytes(StandardCharsets.UTF_8));
        assertThat(far.status()).isEqualTo(422);
        assertThat(far.text()).contains("out of the disc's reach");
        assertThat(viewer.post(
                                "/api/kits/QF-106/outline?format=CSV",
                                "text/plain",
                                csv.getBytes(StandardCharsets.UTF_8))
                        .status())
                .isEqualTo(403);
    }

    @Test
    void aWheelsProfileBecomesReadings() throws Exception {
        long trailer = axle("Boat trailer, two axles");
        String csv = "-80, 181\n-50, 180\n-35, 171\n5, 171\n25, 174\n28, 165\n14, 100\n4, 72\n";
        JsonNode taken = ok(mechanic.post(
                "/api/axles/" + trailer + "/wheel-profile?side=RIGHT&format=CSV",
                "text/plain",
                csv.getBytes(StandardCharsets.UTF_8)));
        assertThat(taken.path("barrel").asInt()).isEqualTo(5);
        String end = ok(mechanic.get("/api/axles/" + trailer + "/end")).toString();
        assertThat(end).contains("342.0 mm");
        Answer none = mechanic.post(
                "/api/axles/" + trailer + "/wheel-profile?side=RIGHT&format=CSV",
                "text/plain",
                "0, 100\n10, 100\n20, 90\n".getBytes(StandardCharsets.UTF_8));
        assertThat(none.status()).isEqualTo(422);
        assertThat(none.text()).contains("mounting face");
    }

    @Test
    void whatWorkTakesIsTheShopsOwn() throws Exception {
        String own =
                "{\"version\":0,\"terms\":{\"who\":\"the lathe next door\",\"minutes\":30,\"cents\":7700,\"days\":8}}";
        assertThat(mechanic.put("/api/work-terms/DRILL_HOLES", own).status()).isEqualTo(403);
        Answer far = lead.put("/api/work-terms/DRILL_HOLES", own.replace("7700", "-1"));
        assertThat(far.status()).isEqualTo(422);
        assertThat(far.text()).contains("Drill the disc's stud holes").contains("price");
        ok(lead.put("/api/work-terms/DRILL_HOLES", own));
        assertThat(lead.put("/api/work-terms/DRILL_HOLES", own).status()).isEqualTo(409);
        long axle = Asked.copyOfVan(mechanic, "QF-103");
        JsonNode lines = mechanic.get("/api/axles/" + axle + "/order").json().path("lines");
        List<JsonNode> drilled = new ArrayList<>();
        lines.forEach(l -> {
            if (l.path("supplier").asString().equals("the lathe next door")) {
                drilled.add(l);
            }
        });
        assertThat(drilled).isNotEmpty().allSatisfy(l -> {
            assertThat(l.path("unitCents").asLong()).isEqualTo(7700);
            assertThat(l.path("leadDays").asInt()).isEqualTo(8);
        });
        ok(lead.put("/api/work-terms/DRILL_HOLES", "{\"version\":1}"));
        assertThat(mechanic.get("/api/axles/" + axle + "/order").text()).doesNotContain("the lathe next door");
    }

    @Test
    void limitsAreSetByTheLeadWithinBounds() throws Exception {
        assertThat(mechanic.put("/api/limits/TURNING_GAP", "{\"version\":0,\"value\":5}")
                        .status())
                .isEqualTo(403);
        Answer far = lead.put("/api/limits/TURNING_GAP", "{\"version\":0,\"value\":50}");
        assertThat(far.status()).isEqualTo(422);
        assertThat(far.text()).contains("Turning wheel to caliper");
        int before = match(van, "?verdict=FITS").path("total").asInt();
        ok(lead.put("/api/limits/TURNING_GAP", "{\"version\":0,\"value\":18}"));
        assertThat(match(van, "?verdict=FITS").path("total").asInt()).isLessThan(before);
        assertThat(lead.put("/api/limits/TURNING_GAP", "{\"version\":0,\"value\":4}")
                        .status())
                .isEqualTo(409);
        ok(lead.put("/api/limits/TURNING_GAP", "{\"version\":1}"));
        assertThat(match(van, "?verdict=FITS").path("total").asInt()).isEqualTo(before);
    }

    @Test
    void wheelsAreImportedByTheLeadAllOrNone() throws Exception {
        String document = ok(lead.get("/api/wheels/document")).toString();
        assertThat(ok(lead.post("/api/wheels/import", document)).path("taken").asInt())
                .isEqualTo(6);
        assertThat(mechanic.post("/api/wheels/import", document).status()).isEqualTo(403);
        Answer faulty = lead.post(
                "/api/wheels/import?file=w.json", "{\"format\":\"itrova-wheels/1\",\"wheels\":[{\"code\":\"X\"}]}");
        assertThat(faulty.status()).isEqualTo(422);
        assertThat(faulty.text()).contains("w.json");
        assertThat(ok(lead.get("/api/wheels"))).hasSize(6);
    }
}
