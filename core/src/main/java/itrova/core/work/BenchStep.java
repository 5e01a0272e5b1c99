package itrova.core.work;

import java.util.OptionalDouble;

/**
 * One step at the bench.
 *
 * @param id stable name within the plan
 * @param title short
 * @param text what to do
 * @param caution what can hurt someone or spoil the job; empty if nothing special
 * @param hold what must be measured or seen before going on; empty if nothing
 * @param torqueNm torque to set (N·m), if the step tightens something
 */
public record BenchStep(String id, String title, String text, String caution, String hold, OptionalDouble torqueNm) {}
