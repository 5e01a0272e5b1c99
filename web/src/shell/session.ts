import { defineStore } from "pinia";
import { computed, ref } from "vue";
import { client, toData, type Schemas } from "../api/client";
import type { UnitSystem } from "../units/format";

/** Who is signed in, and how they like to read. */
export const useSession = defineStore("session", () => {
  const view = ref<Schemas["SessionView"] | null>(null);
  const units = computed<UnitSystem>(() => view.value?.units ?? "METRIC");
  const isSignedIn = computed(() => Boolean(view.value?.login));
  const mayChange = computed(() => view.value?.role === "LEAD" || view.value?.role === "MECHANIC");
  const isLead = computed(() => view.value?.role === "LEAD");

  async function load() {
    view.value = await toData(client.GET("/api/session"));
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

  return { view, units, isSignedIn, mayChange, isLead, load, signIn, signOut, setUnits };
});
