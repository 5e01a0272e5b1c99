package itrova.core.schedule;

import com.google.ortools.Loader;
import com.google.ortools.sat.CpModel;
import com.google.ortools.sat.CpSolver;
import com.google.ortools.sat.CpSolverSolutionCallback;
import com.google.ortools.sat.CpSolverStatus;
import com.google.ortools.sat.CumulativeConstraint;
import com.google.ortools.sat.IntVar;
import com.google.ortools.sat.IntervalVar;
import com.google.ortools.sat.LinearExpr;
import com.google.ortools.sat.LinearExprBuilder;
import java.util.ArrayList;
import java.util.EnumMap;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.function.BooleanSupplier;
import java.util.function.LongConsumer;

/**
 * A plan made better by a constraint solver from a quick one, until it is proven the best or the time is over.
 *
 * @param week never worse than the quick one
 * @param isBest whether no better one exists
 */
public record BestWeek(Week week, boolean isBest) {
    private static boolean isLoaded;

    private static synchronized void load() {
        if (!isLoaded) {
            Loader.loadNativeLibraries();
            isLoaded = true;
        }
    }

    /**
     * Makes a plan better.
     *
     * @param quick a plan of the same problem
     * @param seconds how long at the most
     * @param found told the cost of each better plan
     * @param isStopped asked now and then whether to stop with what is found
     */
    public static BestWeek of(
            WeekProblem problem, Week quick, double seconds, LongConsumer found, BooleanSupplier isStopped) {
        if (problem.tasks().isEmpty()) {
            return new BestWeek(quick, true);
        }
        load();
        Model model = new Model(problem, quick);
        CpSolver solver = new CpSolver();
        solver.getParameters().setMaxTimeInSeconds(seconds).setNumWorkers(2).setRandomSeed(1);
        CpSolverStatus status = solver.solve(model.cp, new CpSolverSolutionCallback() {
            @Override
            public void onSolutionCallback() {
                found.accept(Math.round(objectiveValue()) * Workshop.SLOT);
                if (isStopped.getAsBoolean()) {
                    stopSearch();
                }
            }
        });
        if (status != CpSolverStatus.OPTIMAL && status != CpSolverStatus.FEASIBLE) {
            return new BestWeek(quick, false);
        }
        Map<String, Integer> starts = new HashMap<>();
        model.starts.forEach((id, at) -> starts.put(id, (int) solver.value(at) * Workshop.SLOT));
        Week better = QuickWeek.tightened(problem, new Week(starts));
        return better.cost(problem) <= quick.cost(problem)
                ? new BestWeek(better, status == CpSolverStatus.OPTIMAL)
                : new BestWeek(quick, false);
    }

    /** The problem as the solver has it; times in slots. */
    private static final class Model {
        final CpModel cp = new CpModel();
        final Map<String, IntVar> starts = new LinkedHashMap<>();
        private final Map<String, LinearExpr> ends = new HashMap<>();

        Model(WeekProblem problem, Week quick) {
            int horizon = 1
                    + problem.tasks().stream()
                            .mapToInt(t -> (quick.end(t)) / Workshop.SLOT)
                            .max()
                            .orElse(0);
            Map<String, Task> byId = problem.byId();
            CumulativeConstraint hands = cp.addCumulative(problem.workshop().people());
            Map<Station, CumulativeConstraint> stations = new EnumMap<>(Station.class);
            for (Task task : problem.tasks()) {
                int length = task.length() / Workshop.SLOT;
                IntVar start = task.begun().isPresent()
                        ? cp.newConstant(task.begun().getAsInt() / Workshop.SLOT)
                        : cp.newIntVar(slots(task.earliest()), horizon, task.id());
                IntervalVar interval = cp.newFixedSizeIntervalVar(start, length, task.id());
                starts.put(task.id(), start);
                ends.put(
                        task.id(),
                        LinearExpr.newBuilder().add(start).add(length).build());
                cp.addHint(start, quick.start(byId.get(task.id())) / Workshop.SLOT);
                if (task.begun().isEmpty()) {
                    task.after().forEach(id -> cp.addGreaterOrEqual(start, ends.get(id)));
                }
                if (task.people() > 0) {
                    hands.addDemand(interval, task.people());
                }
                task.station().ifPresent(s -> stations.computeIfAbsent(
                                s, k -> cp.addCumulative(problem.workshop().count(k)))
                        .addDemand(interval, 1));
            }
            jobs(problem, horizon);
        }

        private static int slots(int minutes) {
            return (minutes + Workshop.SLOT - 1) / Workshop.SLOT;
        }

        private void jobs(WeekProblem problem, int horizon) {
            CumulativeConstraint stands = cp.addCumulative(
                    Math.max(problem.workshop().stands(), problem.begun().size()));
            LinearExprBuilder cost = LinearExpr.newBuilder();
            problem.jobs().forEach((job, tasks) -> {
                IntVar end = cp.newIntVar(0, horizon, "end " + job);
                List<LinearExpr> all = new ArrayList<>();
                tasks.forEach(t -> all.add(ends.get(t.id())));
                cp.addMaxEquality(end, all.toArray(new LinearExpr[0]));
                IntVar start =
                        problem.begun().contains(job) ? cp.newConstant(0) : cp.newIntVar(0, horizon, "start " + job);
                if (!problem.begun().contains(job)) {
                    cp.addMinEquality(
                            start, tasks.stream().map(t -> starts.get(t.id())).toArray(IntVar[]::new));
                }
                IntVar length = cp.newIntVar(0, horizon, "length " + job);
                stands.addDemand(cp.newIntervalVar(start, length, end, job), 1);
                cost.add(end);
                problem.dueOf(job).ifPresent(due -> {
                    IntVar late = cp.newIntVar(0, horizon, "late " + job);
                    cp.addGreaterOrEqual(
                            late,
                            LinearExpr.newBuilder()
                                    .add(end)
                                    .add(-(due / Workshop.SLOT))
                                    .build());
                    cost.addTerm(late, Week.LATE_WEIGHS);
                });
            });
            cp.minimize(cost);
        }
    }
}
