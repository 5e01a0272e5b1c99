import { computed, ref, shallowRef } from "vue";
import { client, Refusal, toData, type Schemas } from "../../../api/client";
import { useDraft } from "../../../shell/useDraft";
import { toMessage } from "../../../shell/useLoad";
import { toEmpty, toFilled, toPlaceKey, type JsonObject, type Schema } from "./schema";

export type Wall = "kits" | "wheels" | "parts";

/** One thing of the wall as a draft: opened, changed, kept as a new edition. A thing without a code is new. */
export function useSheet(wall: Wall, code: string, from: string) {
  const schema = shallowRef<Schema | null>(null);
  const sheet = ref<Schemas["SheetView"] | null>(null);
  const draft = ref<JsonObject | null>(null);
  const keeper = useDraft(`sheet.${wall}.${code || "new"}`, draft);
  const problem = ref("");
  const faults = ref(new Map<string, string>());
  const others = ref<string[]>([]);
  const isSaving = ref(false);
  const root = computed(() => schema.value ?? {});
  const one = computed<Schema>(() => root.value.$defs?.[wall.slice(0, -1)] ?? {});

  const toSheet = (wanted: string) =>
    toData(client.GET("/api/sheets/{wall}/{code}", { params: { path: { wall, code: wanted } } }));
  const toDocument = (view: Schemas["SheetView"], edition = 0) =>
    JSON.parse(view.editions[edition]?.document ?? "{}") as JsonObject;

  async function load() {
    problem.value = "";
    try {
      const [text, view, pattern] = await Promise.all([
        toData(client.GET("/api/sheets/{wall}/schema", { params: { path: { wall } }, parseAs: "text" })),
        code ? toSheet(code) : undefined,
        from ? toSheet(from) : undefined,
      ]);
      schema.value = JSON.parse(text as string) as Schema;
      sheet.value = view ?? null;
      const begun = view
        ? toDocument(view)
        : pattern
          ? { ...toDocument(pattern), code: "" }
          : toEmpty(one.value, root.value);
      keeper.open(begun as JsonObject);
    } catch (e) {
      problem.value = toMessage(e);
    }
  }

  function show(refusal: Refusal) {
    const places = new Map<string, string>();
    const rest: string[] = [];
    for (const p of refusal.problems) {
      if (p.field) places.set(toPlaceKey(p.field), p.message);
      rest.push(p.field ? `${toPlaceKey(p.field).replace(/[._]/g, " ")}: ${p.message}` : p.message);
    }
    faults.value = places;
    others.value = rest;
  }

  /** Keeps the draft; gives its code when it is kept. */
  async function save(): Promise<string | undefined> {
    const document = toFilled(draft.value ?? {}) as JsonObject;
    const own = code || String(document.code ?? "");
    problem.value = "";
    faults.value = new Map();
    others.value = [];
    if (!own) {
      problem.value = "Give it a code: letters, figures, points and dashes, such as QF-150.";
      return undefined;
    }
    isSaving.value = true;
    try {
      const kept = await toData(
        client.PUT("/api/sheets/{wall}/{code}", {
          params: { path: { wall, code: own } },
          body: { seen: sheet.value?.editions[0]?.edition ?? 0, document: JSON.stringify(document) },
        }),
      );
      if (code) {
        sheet.value = kept;
        keeper.done(toDocument(kept));
      } else {
        keeper.drop();
      }
      return own;
    } catch (e) {
      problem.value = toMessage(e);
      if (e instanceof Refusal) show(e);
      if (e instanceof Refusal && e.status === 409 && code) {
        sheet.value = await toSheet(code);
        keeper.bringTogether(toDocument(sheet.value));
      }
      return undefined;
    } finally {
      isSaving.value = false;
    }
  }

  /** Takes what an earlier edition said into the draft. */
  function bringBack(edition: number) {
    if (sheet.value) draft.value = toDocument(sheet.value, edition);
  }

  return {
    schema: one,
    root,
    sheet,
    draft,
    keeper,
    problem,
    faults,
    others,
    isSaving,
    load,
    save,
    bringBack,
  };
}
