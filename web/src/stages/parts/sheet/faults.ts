import type { InjectionKey, Ref } from "vue";

/** What is wrong in a document, by its place. */
export const FAULTS: InjectionKey<Ref<Map<string, string>>> = Symbol("faults of a document");
