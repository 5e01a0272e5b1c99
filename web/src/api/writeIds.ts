/**
 * Ids for writes, so that each has exactly one effect. A write whose answer was lost keeps its id: the same request sent again is the
 * same write, over a reload too. Once it was answered, the same request is a new one.
 */
const KEY = "itrova.writes";
const LONGEST_TOLD = 2000;

type Kept = Record<string, string>;

function kept(): Kept {
  try {
    return JSON.parse(globalThis.sessionStorage?.getItem(KEY) ?? "{}") as Kept;
  } catch {
    return {};
  }
}

function keep(ids: Kept) {
  try {
    globalThis.sessionStorage?.setItem(KEY, JSON.stringify(ids));
  } catch {
    // a full or forbidden store: ids then hold for this try only
  }
}

/** A text as itself, or a long one by its length and a hash. */
function toShort(text: string): string {
  if (text.length <= LONGEST_TOLD) return text;
  let hash = 5381;
  for (let i = 0; i < text.length; i++) hash = (Math.imul(hash, 33) ^ text.charCodeAt(i)) >>> 0;
  return `${text.length}/${hash}`;
}

/** The id of a write: a new one, or that of the same request whose answer never came. */
export function toWriteId(method: string, url: string, body: string): string {
  const ids = kept();
  const write = `${method} ${url} ${toShort(body)}`;
  const id = ids[write] ?? crypto.randomUUID();
  keep({ ...ids, [write]: id });
  return id;
}

/** The write was answered, whatever the answer: it is over. */
export function onAnswered(id: string) {
  keep(Object.fromEntries(Object.entries(kept()).filter(([, other]) => other !== id)));
}
