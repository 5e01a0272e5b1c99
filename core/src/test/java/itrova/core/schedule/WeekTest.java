package itrova.core.schedule;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatIllegalArgumentException;

import itrova.core.work.Minutes;
import itrova.core.work.StepKind;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.Set;
import java.util.SplittableRandom;
import org.junit.jupiter.api.Test;

/** Plans of the week against brute force, an audit of every rule, and cases worked by hand. */
class WeekTest {
    private static Task task(String id, String job, int minutes, int people, String... after) {
        return new Task(
                id,
                job,
                id,
                new Minutes(minutes, minutes, minutes),
                people,
                Optional.empty(),
                List.of(after),
                0,
                OptionalInt.empty());
    }

    private static Task at(Task t, int earliest) {
        return new Task(
                t.id(), t.job(), t.title(), t.minutes(), t.people(), t.station(), t.after(), earliest, t.begun());
    }

    private static Task begun(Task t, int when) {
        return new Task(
                t.id(),
                t.job(),
                t.title(),
                t.minutes(),
                t.people(),
                t.station(),
                t.after(),
                t.earliest(),
                OptionalInt.of(when));
    }

    private static Workshop shop(int people, int stands) {
        return new Workshop(people, stands, Workshop.oneOfEach());
    }

    private static BestWeek best(WeekProblem problem, double seconds) {
        return BestWeek.of(problem, QuickWeek.of(problem), seconds, c -> {}, () -> false);
    }

    /** Two jobs of 60 and 20 min, one pair of hands: the shorter first makes 20 + 80 = 100 of 60 + 80 = 140. */
    @Test
    void theShorterJobFirstUnlessTheLongerIsPromised() {
        List<Task> tasks = List.of(task("a", "A", 60, 1), task("b", "B", 20, 1));
        WeekProblem free = WeekProblem.of(shop(1, 2), tasks, Map.of());
        BestWeek week = best(free, 20);
        assertThat(week.isBest()).isTrue();
        assertThat(week.week().cost(free)).isEqualTo(100);
        WeekProblem promised = WeekProblem.of(shop(1, 2), tasks, Map.of("A", 60));
        assertThat(best(promised, 20).week().starts()).containsEntry("a", 0).containsEntry("b", 60);
    }

    /** Every order of laying tasks one by one as early as may be holds a best plan (semi-active schedules, for a cost that only grows with time). */
    private static long bruteForce(WeekProblem problem) {
        long[] least = {Long.MAX_VALUE};
        permute(problem, new ArrayList<>(), least);
        return least[0];
    }

    private static void permute(WeekProblem problem, List<Task> order, long[] least) {
        if (order.size() == problem.tasks().size()) {
            least[0] = Math.min(least[0], laid(problem, order).cost(problem));
            return;
        }
        for (Task t : problem.tasks()) {
            if (!order.contains(t)
                    && t.after().stream().allMatch(id -> order.stream().anyMatch(o -> o.id().equals(id)))) {
                order.add(t);
                permute(problem, order, least);
                order.remove(t);
            }
        }
    }

    /** Lays tasks in an order, minute by minute, by nothing but the rules' own words. */
    private static Week laid(WeekProblem problem, List<Task> order) {
        Map<String, Integer> starts = new java.util.HashMap<>();
        int[] hands = new int[4000];
        int[][] stations = new int[Station.values().length][4000];
        Map<String, Task> byId = problem.byId();
        for (Task t : order) {
            int s = t.earliest();
            for (String id : t.after()) {
                s = Math.max(s, starts.get(id) + byId.get(id).length());
            }
            while (!fits(problem, t, s, hands, stations)) {
                s += Workshop.SLOT;
            }
            for (int m = s; m < s + t.length(); m++) {
                hands[m] += t.people();
                int at = m;
                t.station().ifPresent(st -> stations[st.ordinal()][at]++);
            }
            starts.put(t.id(), s);
        }
        return new Week(starts);
    }

    private static boolean fits(WeekProblem problem, Task t, int s, int[] hands, int[][] stations) {
        for (int m = s; m < s + t.length(); m++) {
            if (hands[m] + t.people() > problem.workshop().people()
                    || t.station().isPresent()
                            && stations[t.station().get().ordinal()][m]
                                    >= problem.workshop().count(t.station().get())) {
                return false;
            }
        }
        return true;
    }

    private static WeekProblem drawn(
            SplittableRandom random, int jobs, int perJob, Workshop shop, boolean withPromises) {
        List<Task> tasks = new ArrayList<>();
        Map<String, Integer> due = new java.util.HashMap<>();
        for (int j = 0; j < jobs; j++) {
            String job = "J" + j;
            for (int i = 0; i < perJob; i++) {
                int m = Workshop.SLOT * (1 + random.nextInt(8));
                List<String> after = new ArrayList<>();
                for (int k = Math.max(0, i - 3); k < i; k++) {
                    if (random.nextInt(3) == 0) {
                        after.add(job + "-" + k);
                    }
                }
                tasks.add(new Task(
                        job + "-" + i,
                        job,
                        job + "-" + i,
                        new Minutes(m * 0.5, m, m * 2.0),
                        random.nextInt(6) == 0 ? 2 : 1,
                        random.nextInt(8) == 0 ? Optional.of(Station.PRESS) : Optional.empty(),
                        after,
                        random.nextInt(10) == 0 ? Workshop.SLOT * random.nextInt(30) : 0,
                        OptionalInt.empty()));
            }
            if (withPromises && random.nextBoolean()) {
                due.put(job, Workshop.SLOT * (5 + random.nextInt(40)));
            }
        }
        return WeekProblem.of(shop, tasks, due);
    }

    @Test
    void smallCasesAreProvenBestAndAreWhatBruteForceFinds() {
        SplittableRandom random = new SplittableRandom(7);
        for (int i = 0; i < 12; i++) {
            // as many stands as jobs: brute force does not know stands
            WeekProblem problem = drawn(random, 2, 3, shop(2, 2), true);
            BestWeek week = best(problem, 60);
            assertThat(week.isBest()).isTrue();
            assertThat(week.week().faults(problem)).isEmpty();
            assertThat(week.week().cost(problem)).isEqualTo(bruteForce(problem));
            assertThat(QuickWeek.of(problem).cost(problem))
                    .isGreaterThanOrEqualTo(week.week().cost(problem));
        }
    }

    @Test
    void thirtyJobsOfSixtyStepsAreAPlanAtOnceAndStayOneWhenMadeBetter() {
        WeekProblem problem = drawn(new SplittableRandom(30), 30, 60, shop(4, 6), true);
        Week quick = QuickWeek.of(problem);
        assertThat(quick.faults(problem)).isEmpty();
        BestWeek better = BestWeek.of(problem, quick, 2, c -> {}, () -> false);
        assertThat(better.week().faults(problem)).isEmpty();
        assertThat(better.week().cost(problem)).isLessThanOrEqualTo(quick.cost(problem));
        assertThat(better.week().people(problem)).hasSize(1800);
    }

    @Test
    void anAuditSeesEveryBrokenRule() {
        Task a = task("a", "A", 30, 1);
        Task b = at(task("b", "A", 30, 1, "a"), 60);
        Task c = begun(task("c", "B", 30, 1), 10);
        WeekProblem problem = WeekProblem.of(shop(1, 1), List.of(a, b, c), Map.of());
        assertThat(new Week(Map.of("a", 0, "b", 20, "c", 0)).faults(problem))
                .contains(
                        "b begins before it may",
                        "b begins before a is over",
                        "c was begun and is moved",
                        "2 hands at 0")
                .anyMatch(f -> f.startsWith("too many vehicles"));
    }

    @Test
    void aVehicleInPiecesHoldsItsStand() {
        Task a1 = task("a1", "A", 30, 1);
        Task a2 = at(task("a2", "A", 30, 1, "a1"), 300); // its parcel comes late
        Task b = task("b", "B", 60, 1);
        WeekProblem one = WeekProblem.of(shop(2, 1), List.of(a1, a2, b), Map.of());
        BestWeek week = best(one, 20);
        assertThat(week.isBest()).isTrue();
        // the other first: A begins only when it need not wait on the only stand for B to be done
        assertThat(week.week().cost(one)).isEqualTo(330 + 60);
        assertThat(week.week().starts().get("a1")).isGreaterThanOrEqualTo(60);
        WeekProblem two = WeekProblem.of(shop(2, 2), List.of(a1, a2, b), Map.of());
        assertThat(best(two, 20).week().faults(two)).isEmpty();
    }

    @Test
    void whatHasBegunIsNotMovedAndALateParcelMovesWhatWaitsForIt() {
        Task a = begun(task("a", "A", 30, 1), 0);
        Task b = task("b", "A", 30, 1, "a");
        WeekProblem problem = WeekProblem.of(shop(1, 1), List.of(a, b), Map.of());
        assertThat(best(problem, 20).week().finishes(problem)).containsEntry("A", 60);
        WeekProblem late = problem.late(Set.of("a", "b"), 480);
        Week week = best(late, 20).week();
        assertThat(week.starts()).containsEntry("a", 0).containsEntry("b", 480);
        assertThat(Chain.of(late, week, "A")).hasSize(1).allMatch(Chain.Link::waits);
        assertThat(Chain.of(problem, best(problem, 20).week(), "A"))
                .extracting(l -> l.task().id())
                .containsExactly("a", "b");
    }

    /** What a search broken off by its time leaves: gaps that nothing makes. The chain of what a finish hangs on runs through once they are closed. */
    @Test
    void gapsThatNothingMakesAreClosed() {
        Task a = at(task("a", "A", 30, 1), 100); // its parcel
        Task b = task("b", "A", 30, 1, "a");
        Task c = task("c", "A", 30, 1, "b");
        Task other = task("o", "B", 30, 1);
        WeekProblem problem = WeekProblem.of(shop(1, 2), List.of(a, b, c, other), Map.of());
        Week loose = new Week(Map.of("a", 110, "b", 200, "c", 300, "o", 140));
        assertThat(loose.faults(problem)).isEmpty();
        assertThat(Chain.of(problem, loose, "A")).hasSize(1);
        Week tight = QuickWeek.tightened(problem, loose);
        assertThat(tight.faults(problem)).isEmpty();
        // A is taken apart no earlier than before; B's one task holds the only hands from then to 170
        assertThat(tight.starts()).isEqualTo(Map.of("a", 110, "o", 140, "b", 170, "c", 200));
        assertThat(Chain.of(problem, tight, "A")).extracting(l -> l.task().id()).containsExactly("a", "o", "b", "c");
    }

    /** Any plan, loosened at random and closed again, has no fault and no task later than before; what was begun stays. */
    @Test
    void noPlanIsTheWorseForBeingClosed() {
        SplittableRandom random = new SplittableRandom(11);
        for (int round = 0; round < 200; round++) {
            List<Task> tasks = new ArrayList<>();
            for (int i = 0; i < 12; i++) {
                String job = "J" + i % 3;
                String[] after = i < 3 || random.nextBoolean() ? new String[0] : new String[] {"t" + (i - 3)};
                Task t = task("t" + i, job, 5 * (1 + random.nextInt(12)), 1 + random.nextInt(2), after);
                tasks.add(random.nextInt(4) == 0 ? at(t, 5 * random.nextInt(40)) : t);
            }
            WeekProblem problem = WeekProblem.of(shop(2, 3), tasks, Map.of());
            Week loose = laid(problem, tasks);
            Map<String, Integer> apart = new java.util.HashMap<>();
            int gap = 5 * random.nextInt(30);
            loose.starts().forEach((id, at) -> apart.put(id, at + (at > 60 ? gap : 0) + (at > 150 ? gap : 0)));
            Week open = new Week(apart);
            if (!open.faults(problem).isEmpty()) {
                continue; // a task that ran across the gap now meets another
            }
            Week closed = QuickWeek.tightened(problem, open);
            assertThat(closed.faults(problem)).isEmpty();
            assertThat(closed.starts()).allSatisfy((id, at) -> assertThat(at).isLessThanOrEqualTo(apart.get(id)));
            assertThat(QuickWeek.tightened(problem, closed)).isEqualTo(closed);
        }
    }

    @Test
    void aStepNobodyCanDoIsRefusedByName() {
        assertThatIllegalArgumentException()
                .isThrownBy(() -> WeekProblem.of(shop(1, 1), List.of(task("a", "A", 30, 2)), Map.of()))
                .withMessageContaining("wants 2 people");
        assertThatIllegalArgumentException()
                .isThrownBy(() -> WeekProblem.of(shop(1, 1), List.of(task("b", "A", 30, 1, "a")), Map.of()))
                .withMessageContaining("waits for a");
        Task weld = new Task(
                "w", "A", "w", new Minutes(1, 2, 3), 1, Optional.of(Station.WELDER), List.of(), 0, OptionalInt.empty());
        assertThatIllegalArgumentException()
                .isThrownBy(() -> WeekProblem.of(new Workshop(1, 1, Map.of()), List.of(weld), Map.of()))
                .withMessageContaining("wants a welder");
        assertThatIllegalArgumentException().isThrownBy(() -> shop(0, 1));
    }

    @Test
    void peopleStayAtTheirJobWhereTheyCan() {
        List<Task> tasks = List.of(
                task("a1", "A", 30, 1),
                task("b1", "B", 30, 1),
                task("a2", "A", 30, 1, "a1"),
                task("b2", "B", 30, 1, "b1"));
        WeekProblem problem = WeekProblem.of(shop(2, 2), tasks, Map.of());
        Map<String, List<Integer>> people = best(problem, 20).week().people(problem);
        assertThat(people.get("a2")).isEqualTo(people.get("a1"));
        assertThat(people.get("b2")).isEqualTo(people.get("b1")).isNotEqualTo(people.get("a1"));
    }

    @Test
    void stationsAreKnownByTheStep() {
        assertThat(Station.of(StepKind.WELD)).contains(Station.WELDER);
        assertThat(Station.of(StepKind.PRESS_ON)).contains(Station.PRESS);
        assertThat(Station.of(StepKind.LIFT)).isEmpty();
    }
}
