package itrova.server;

import static itrova.server.Asked.assertProblem;
import static itrova.server.Asked.copyOfVan;
import static org.assertj.core.api.Assertions.assertThat;

import itrova.server.TestServer.Answer;
import itrova.server.TestServer.Client;
import java.time.LocalDate;
import java.time.LocalDateTime;
import java.util.List;
import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;

/** The week: steps of what is ordered laid on people, moved by a late parcel and by pins, never by what is done. */
class WeekApiTest {
    private static TestServer server;
    private static Client mechanic;
    private static Client viewer;

    @BeforeAll
    static void start() throws Exception {
        server = TestServer.start();
        mechanic = server.signedIn("tam");
        viewer = server.signedIn("jory");
    }

    @AfterAll
    static void stop() {
        server.close();
    }

    private static long ordered() throws Exception {
        long axle = copyOfVan(mechanic, "QF-103");
        JsonNode order = mechanic.get("/api/axles/" + axle + "/order").json();
        assertThat(mechanic.post("/api/axles/" + axle + "/order/placement", Asked.seal(order))
                        .status())
                .isEqualTo(200);
        return axle;
    }

    private static String over(String plan) {
        return "{\"plan\":\"" + plan + "\"}";
    }

    /** Plans and waits until it is as good as it gets. */
    private static JsonNode planned() throws Exception {
        String seen = mechanic.get("/api/week").json().path("plan").asString();
        assertThat(mechanic.post("/api/week/plan", over(seen)).status()).isEqualTo(200);
        assertProblem(mechanic.post("/api/week/plan", over(seen)), 409); // laid anew since
        return settled();
    }

    private static JsonNode settled() throws Exception {
        JsonNode week = mechanic.get("/api/week").json();
        while (week.path("improving").asBoolean()) {
            Thread.sleep(200);
            week = mechanic.get("/api/week").json();
        }
        return week;
    }

    private static JsonNode task(JsonNode week, long axle, String step) {
        for (JsonNode t : week.path("tasks")) {
            if (t.path("axleId").asLong() == axle && t.path("step").asString().equals(step)) {
                return t;
            }
        }
        throw new AssertionError("no " + step);
    }

    /** How much a person has to do on this day, counted from the whole week. */
    private static int today(JsonNode week, String name) {
        int n = 0;
        LocalDate day = LocalDate.now();
        for (JsonNode t : week.path("tasks")) {
            boolean isToday = !start(t).toLocalDate().isAfter(day)
                    && !LocalDateTime.parse(t.path("end").asString())
                            .toLocalDate()
                            .isBefore(day);
            if (isToday && t.path("who").toString().contains("\"" + name + "\"")) {
                n++;
            }
        }
        return n;
    }

    private static LocalDateTime start(JsonNode task) {
        return LocalDateTime.parse(task.path("start").asString());
    }

    private static LocalDateTime finish(JsonNode week, long job) {
        for (JsonNode j : week.path("jobs")) {
            if (j.path("jobId").asLong() == job) {
                return LocalDateTime.parse(j.path("finish").asString());
            }
        }
        throw new AssertionError("no job " + job);
    }

    @Test
    void theWeekMovesWhenAParcelSlipsAndKeepsWhatIsDone() throws Exception {
        long axle = ordered();
        Asked.receiveAll(mechanic, axle);
        long waiting = ordered();
        long waitingJob = mechanic.get("/api/axles/" + waiting + "/end")
                .json()
                .path("jobId")
                .asLong();
        assertThat(viewer.post("/api/week/plan", over("")).status()).isEqualTo(403);
        JsonNode week = planned();
        assertThat(week.path("people").toString()).contains("Tam Orrin").doesNotContain("Jory");
        assertThat(week.path("parcels").toString()).contains("\"jobId\":" + waitingJob);
        // in their order, in working time, each by somebody
        assertThat(start(task(week, axle, "lift"))).isBefore(start(task(week, axle, "left-mockup")));
        for (JsonNode t : week.path("tasks")) {
            assertThat(t.path("who").size() > 0 || !t.path("outside").asString().isEmpty())
                    .as(t.toString())
                    .isTrue();
            assertThat(start(t).getDayOfWeek().getValue()).isLessThan(6);
        }
        // what has its parts begins at once, what has not is not taken apart before they are there
        for (JsonNode p : week.path("parcels")) {
            if (p.path("jobId").asLong() == waitingJob) {
                assertThat(start(task(week, waiting, "lift")).toLocalDate())
                        .isAfterOrEqualTo(LocalDate.parse(p.path("comes").asString()));
            }
        }
        assertThat(task(week, axle, "lift").path("waits").asString()).isEmpty();

        JsonNode people = viewer.get("/api/week/today").json();
        assertThat(people.size()).isEqualTo(week.path("people").size());
        for (JsonNode person : people) {
            assertThat(person.path("tasks").size())
                    .as(person.toString())
                    .isEqualTo(today(week, person.path("name").asString()));
        }

        String bench = "/api/axles/" + axle + "/bench";
        JsonNode card = mechanic.get(bench).json();
        mechanic.post(
                bench + "/lift/tick",
                WholeCard.tick(card.path("steps").get(0), card.path("seal").asString())
                        .toString());
        assertThat(task(mechanic.get("/api/week").json(), axle, "lift")
                        .path("done")
                        .asBoolean())
                .isTrue();

        LocalDateTime before = finish(week, waitingJob);
        LocalDate late = before.toLocalDate().plusDays(14);
        for (JsonNode p : week.path("parcels")) {
            if (p.path("jobId").asLong() == waitingJob) {
                assertThat(mechanic.put(
                                        "/api/week/parcels/" + p.path("orderId").asString(),
                                        "{\"comes\":\"" + late + "\"}")
                                .status())
                        .isEqualTo(200);
                break; // a second one would be told against the week that the first one made
            }
        }
        week = settled();
        assertThat(finish(week, waitingJob)).isAfter(late.atTime(23, 59));
        assertThat(start(task(week, waiting, "left-mockup"))).isAfter(late.atTime(23, 59));
        assertThat(week.path("jobs").toString())
                .contains("\"before\":\"" + before.toString().substring(0, 10));
        assertThat(week.path("tasks").findValuesAsString("id")).doesNotContain("axle-" + axle + ":lift");
        assertThat(week.path("jobs").toString()).contains("(parcel of " + late + ")");
    }

    @Test
    void aStepIsPinnedAndUnpinned() throws Exception {
        long axle = ordered();
        Asked.receiveAll(mechanic, axle);
        String task = "axle-" + axle + ":lift";
        LocalDateTime when = LocalDate.now().plusDays(10).atTime(9, 0);
        assertThat(mechanic.put("/api/week/pins", "{\"task\":\"" + task + "\",\"notBefore\":\"" + when + "\"}")
                        .status())
                .isEqualTo(200);
        JsonNode pinned = task(settled(), axle, "lift");
        assertThat(start(pinned)).isAfterOrEqualTo(when);
        assertThat(pinned.path("waits").asString()).isEqualTo("pinned");
        mechanic.put("/api/week/pins", "{\"task\":\"" + task + "\",\"notBefore\":null}");
        assertThat(start(task(settled(), axle, "lift"))).isBefore(when);
        assertProblem(
                mechanic.put("/api/week/pins", "{\"task\":\"axle-1:dance\",\"notBefore\":\"" + when + "\"}"), 422);
        assertProblem(
                mechanic.put("/api/week/pins", "{\"task\":\"" + task + "\",\"notBefore\":\"2999-01-01T08:00:00\"}"),
                422);
        assertProblem(mechanic.put("/api/week/parcels/none", "{\"comes\":\"" + LocalDate.now() + "\"}"), 422);
    }

    @Test
    void workingTimeIsSetOnceAndNonsenseRefusedByItsDay() throws Exception {
        ObjectNode settings =
                (ObjectNode) mechanic.get("/api/week").json().path("settings").deepCopy();
        ObjectNode wrong = settings.deepCopy();
        ((ObjectNode) wrong.path("hours")).put("MONDAY", "12:00-08:00");
        Answer refused = mechanic.put("/api/week/settings", wrong.toString());
        assertProblem(refused, 422);
        assertThat(refused.text()).contains("monday");
        ObjectNode never = settings.deepCopy();
        List.copyOf(never.path("hours").propertyNames()).forEach(d -> ((ObjectNode) never.path("hours")).put(d, ""));
        assertProblem(mechanic.put("/api/week/settings", never.toString()), 422);
        assertThat(mechanic.put("/api/week/settings", settings.put("stands", 3).toString())
                        .status())
                .isEqualTo(200);
        assertProblem(mechanic.put("/api/week/settings", settings.toString()), 409); // seen before
        assertThat(viewer.put("/api/week/settings", settings.toString()).status())
                .isEqualTo(403);
    }

    @Test
    void theWeekIsACalendarOfEachPerson() throws Exception {
        ordered();
        planned();
        String all = viewer.get("/api/week/week.ics").text();
        assertThat(all).contains("BEGIN:VEVENT", "Lift and secure");
        assertThat(viewer.get("/api/week/week.ics?person=Nobody").text()).doesNotContain("BEGIN:VEVENT");
    }
}
