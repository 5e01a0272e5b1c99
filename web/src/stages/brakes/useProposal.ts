import { onBeforeUnmount, reactive } from "vue";
import type { Schemas } from "../../api/client";
import { toMessage } from "../../shell/useLoad";

type Piece = Schemas["ProposalPiece"];
export type Proposal = Schemas["ProposalView"];

/** Sets looked through in one question: some tenths of a second, so that it can be watched and stopped. */
const COUNT = 400;

/** The search for the cheapest parts that prove the brakes, piece by piece; the best so far is kept here. */
export function useProposal(ask: (piece: Schemas["PieceForm"]) => Promise<Piece>) {
  const search = reactive({
    isRunning: false,
    /** Share looked through, 0 to 1. */
    done: 0,
    /** Undefined before it ended; null where no parts leave less open. */
    best: undefined as Proposal | null | undefined,
    isStopped: false,
    failure: "",
  });

  async function start() {
    Object.assign(search, { isRunning: true, done: 0, best: undefined, isStopped: false, failure: "" });
    let best: Proposal | undefined;
    let version: number | undefined;
    try {
      for (let from = 0, total = 1, compared = 0; from < total && !search.isStopped;) {
        const piece = await ask({
          from,
          count: COUNT,
          open: best?.openCount,
          cents: best?.cents ?? 0,
          compared,
        });
        version ??= piece.version;
        if (version !== piece.version) {
          search.failure = "Somebody changed the job meanwhile. Search again.";
          return;
        }
        best = piece.best ?? best;
        ({ next: from, total, compared } = piece);
        search.done = total ? from / total : 1;
      }
      search.best = best ?? (search.isStopped ? undefined : null);
    } catch (e) {
      search.failure = toMessage(e);
    } finally {
      search.isRunning = false;
    }
  }

  function stop() {
    search.isStopped = true;
  }

  /** Forgets what was found: it was of a plan that is another now. */
  function forget() {
    search.best = undefined;
  }

  onBeforeUnmount(stop);
  return { search, start, stop, forget };
}
