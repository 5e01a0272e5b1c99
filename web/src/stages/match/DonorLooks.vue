<script setup lang="ts">
import { ref, watch } from "vue";
import { client, toData, type Schemas } from "../../api/client";
import { useSession } from "../../shell/session";
import { toMessage } from "../../shell/useLoad";

/** What is to be looked at on a donor part, left and right, with what was seen. */
const { axleId, kit } = defineProps<{ axleId: number; kit: string }>();
const emit = defineEmits<{ seen: [] }>();
const session = useSession();
const donor = ref<Schemas["DonorView"] | null>(null);
const failure = ref("");

const at = () => ({ params: { path: { axleId, kit } } });

async function load() {
  try {
    donor.value = await toData(client.GET("/api/axles/{axleId}/donor/{kit}", at()));
    failure.value = "";
  } catch (e) {
    failure.value = toMessage(e);
  }
}

async function look(one: Schemas["LookView"], isSo: boolean) {
  if (!donor.value) return;
  const body = { version: donor.value.version, side: one.side, at: one.at, isSo };
  try {
    donor.value = await toData(client.PUT("/api/axles/{axleId}/donor/{kit}", { ...at(), body }));
    failure.value = "";
    emit("seen");
  } catch (e) {
    await load();
    failure.value = toMessage(e);
  }
}

watch(() => kit, load, { immediate: true });
</script>

<template>
  <section class="donor" aria-label="Donor part">
    <h3>Look at the donor part itself</h3>
    <p v-if="failure" class="caution small" role="alert">{{ failure }}</p>
    <div v-for="l in donor?.looks" :key="l.side + l.at" class="look">
      <span
        ><strong>{{ l.side === "LEFT" ? "Left" : "Right" }}</strong> · {{ l.at }}</span
      >
      <span role="group" :aria-label="`${l.side === 'LEFT' ? 'Left' : 'Right'}, ${l.at}`" class="marks">
        <button
          type="button"
          class="plain-button"
          :aria-pressed="l.isSo === true"
          :disabled="!session.mayChange"
          @click="look(l, true)"
        >
          Seen, it is so
        </button>
        <button
          type="button"
          class="plain-button"
          :aria-pressed="l.isSo === false"
          :disabled="!session.mayChange"
          @click="look(l, false)"
        >
          It is not so
        </button>
      </span>
    </div>
  </section>
</template>

<style scoped>
.donor {
  margin: 0.6rem 0;
}

h3 {
  margin: 0 0 0.3rem;
  font-size: 1rem;
}

.look {
  display: flex;
  align-items: center;
  justify-content: space-between;
  gap: 0.8rem;
  padding: 0.25rem 0;
  border-top: 1px solid var(--line);
}

.marks {
  display: flex;
  gap: 0.4rem;
  flex: none;
}

.plain-button[aria-pressed="true"] {
  border-color: var(--accent);
  font-weight: 600;
}
</style>
