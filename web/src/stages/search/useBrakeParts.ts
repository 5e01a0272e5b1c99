import { reactive } from "vue";
import { client, toData, type Schemas } from "../../api/client";
import { useProposal, type Proposal } from "../brakes/useProposal";

type Combination = Schemas["CombinationView"];

/** Which parts of the brakes each combination wants, looked for one after the other; what was found so far is kept. */
export function useBrakeParts(axleId: number, toKey: (c: Combination) => string) {
  const found = reactive(new Map<string, Proposal | null>());
  const state = reactive({ isRunning: false, done: 0, of: 0, failure: "" });
  let asked: Combination | undefined;
  const { search, start, stop } = useProposal((piece) => {
    if (!asked) throw new Error("nothing is asked");
    return toData(
      client.POST("/api/axles/{axleId}/brakes/proposal", {
        params: { path: { axleId } },
        body: { piece, kit: asked.kit, with: asked.choice },
      }),
    );
  });

  async function lookFor(combinations: Combination[]) {
    const open = combinations.filter((c) => c.brakes && c.brakes !== "FITS" && !found.has(toKey(c)));
    Object.assign(state, { isRunning: true, done: 0, of: open.length, failure: "" });
    for (const c of open) {
      asked = c;
      await start();
      state.failure = search.failure;
      if (search.failure || search.isStopped) break;
      found.set(toKey(c), search.best ?? null);
      state.done += 1;
    }
    state.isRunning = false;
  }

  /** What the search found by its rank, the price of its parts counted in; those whose brakes can be proven first. */
  function sorted(combinations: Combination[]) {
    if (state.isRunning) return combinations; // one by one they would jump about
    const isOpen = (c: Combination) => {
      const parts = found.get(toKey(c));
      return c.brakes === "FITS" || !c.brakes || parts === undefined || parts?.proven ? 0 : 1;
    };
    const rank = (c: Combination) => c.rank + (found.get(toKey(c))?.cents ?? 0);
    return [...combinations].sort((a, b) => isOpen(a) - isOpen(b) || rank(a) - rank(b));
  }

  return { found, state, lookFor, stop, sorted };
}
