import { defineStore } from "pinia";
import { computed, ref, watch } from "vue";
import { client, Refusal, setPageUnits, setPerson, toData, type Schemas } from "../api/client";
import { setCurrency, type UnitSystem } from "../units/format";

const KEPT = "itrova.session";

/** Who is signed in, and how they like to read. */
export const useSession = defineStore("session", () => {
  const view = ref<Schemas["SessionView"] | null>(null);
  const units = computed<UnitSystem>(() => view.value?.units ?? "METRIC");
  const isSignedIn = computed(() => Boolean(view.value?.login));
  const mayChange = computed(() => view.value?.role === "LEAD" || view.value?.role === "MECHANIC");
  const isLead = computed(() => view.value?.role === "LEAD");

  watch(
    () => view.value?.login,
    (login) => setPerson(login ?? ""),
    { flush: "sync" },
  );

  const currency = computed(() => view.value?.currency ?? "EUR");
  watch(currency, setCurrency, { flush: "sync", immediate: true });

  watch(units, setPageUnits, { flush: "sync", immediate: true });

  /** Who is signed in; where the server is not reached, who was when it was reached last: pages open again then, nothing is asked. */
  async function load() {
    try {
      view.value = await toData(client.GET("/api/session"));
      localStorage.setItem(KEPT, JSON.stringify(view.value));
    } catch (e) {
      const kept = localStorage.getItem(KEPT);
      if (!(e instanceof Refusal) || e.status !== 0 || !kept || view.value) throw e;
      view.value = JSON.parse(kept) as Schemas["SessionView"];
    }
  }

  async function signIn(login: string, password: string) {
    view.value = await toData(client.POST("/api/session", { body: { login, password } }));
  }

  async function signOut() {
    await toData(client.DELETE("/api/session"));
    await load();
  }

  async function setUnits(next: UnitSystem) {
    view.value = await toData(client.PUT("/api/session/units", { body: { units: next } }));
  }

  async function setPassword(old: string, fresh: string) {
    view.value = await toData(client.PUT("/api/session/password", { body: { old, fresh } }));
  }

  return {
    view,
    units,
    currency,
    isSignedIn,
    mayChange,
    isLead,
    load,
    signIn,
    signOut,
    setUnits,
    setPassword,
  };
});
