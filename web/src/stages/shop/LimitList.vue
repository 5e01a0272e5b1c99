<script setup lang="ts">
import { useToast } from "primevue/usetoast";
import { onMounted, ref } from "vue";
import { client, toData, type Schemas } from "../../api/client";
import { useSession } from "../../shell/session";
import { toMessage } from "../../shell/useLoad";

/** The shop's limits and schools, each with its default. */
const session = useSession();
const toast = useToast();
const limits = ref<Schemas["LimitView"][]>([]);
const failure = ref("");

onMounted(async () => {
  try {
    limits.value = await toData(client.GET("/api/limits"));
  } catch (e) {
    failure.value = toMessage(e);
  }
});

async function onSet(limit: Schemas["LimitView"], value: number | undefined) {
  try {
    limits.value = await toData(
      client.PUT("/api/limits/{id}", {
        params: { path: { id: limit.id } },
        body: { version: limit.version, value },
      }),
    );
    toast.add({ severity: "success", summary: "Set; kits are judged by it from now on", life: 4000 });
  } catch (e) {
    toast.add({ severity: "error", summary: "Not set", detail: toMessage(e), life: 9000 });
    limits.value = await toData(client.GET("/api/limits"));
  }
}

function onChange(limit: Schemas["LimitView"], event: Event) {
  const text = (event.target as HTMLInputElement).value.replace(",", ".");
  void onSet(limit, text.trim() === "" ? undefined : Number(text));
}
</script>

<template>
  <section>
    <h2>Limits and schools</h2>
    <p class="small soft">Defaults are common practice. In mm unless said; the lead sets them.</p>
    <p v-if="failure" class="failure" role="alert">{{ failure }}</p>
    <div class="sheet scroll" tabindex="0" role="region" aria-label="Limits">
      <table class="plain">
        <thead>
          <tr>
            <th scope="col">Limit</th>
            <th scope="col">Value</th>
            <th scope="col">Default</th>
          </tr>
        </thead>
        <tbody>
          <tr v-for="l in limits" :key="l.id" :class="{ set: l.value !== l.preset }">
            <th scope="row">{{ l.title }}</th>
            <td>
              <label v-if="l.school" class="tick">
                <input
                  type="checkbox"
                  :checked="l.value >= 0.5"
                  :disabled="!session.isLead"
                  :aria-label="l.title"
                  @change="onSet(l, ($event.target as HTMLInputElement).checked ? 1 : 0)"
                />
                {{ l.value >= 0.5 ? "yes" : "no" }}
              </label>
              <span v-else class="value">
                <input
                  type="text"
                  :value="l.value"
                  :disabled="!session.isLead"
                  :aria-label="l.title"
                  @change="onChange(l, $event)"
                />
                {{ l.unit }}
              </span>
            </td>
            <td class="figures soft">
              {{ l.school ? (l.preset >= 0.5 ? "yes" : "no") : `${l.preset} ${l.unit}` }}
            </td>
          </tr>
        </tbody>
      </table>
    </div>
  </section>
</template>

<style scoped>
.scroll {
  overflow: auto;
}

th[scope="row"] {
  font-weight: 400;
  color: var(--ink);
}

.set th,
.set td {
  font-weight: 600;
}

.tick,
.value {
  display: flex;
  align-items: center;
  gap: 0.4rem;
  min-height: 44px;
}

.tick input {
  width: 1.3rem;
  height: 1.3rem;
  accent-color: var(--accent);
}

.value input {
  font: inherit;
  width: 5.5rem;
  min-height: 44px;
  padding: 0 0.4rem;
  border: 1px solid var(--ink-soft);
  background: var(--sheet);
  color: var(--ink);
}
</style>
