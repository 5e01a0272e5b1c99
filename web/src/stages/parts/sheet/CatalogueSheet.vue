<script setup lang="ts">
import Button from "primevue/button";
import { useToast } from "primevue/usetoast";
import { computed, onMounted, provide, ref } from "vue";
import { RouterLink, useRoute, useRouter } from "vue-router";
import DraftNotice from "../../../shell/DraftNotice.vue";
import { useSession } from "../../../shell/session";
import { toChanges } from "../../people/words";
import { FAULTS } from "./faults";
import WheelProfileDrawing from "../WheelProfileDrawing.vue";
import { toWheelDrawn } from "./kitSection";
import KitSectionDrawing from "./KitSectionDrawing.vue";
import { toKind, toTitle } from "./schema";
import SheetNode from "./SheetNode.vue";
import { useSheet, type Wall } from "./useSheet";

/** One kit, wheel or part: its figures beside the drawing, its editions and what differs between them, the jobs that use it. */
const { wall, code = "" } = defineProps<{ wall: Wall; code?: string }>();
const route = useRoute();
const router = useRouter();
const session = useSession();
const toast = useToast();
const { schema, root, sheet, draft, keeper, problem, faults, others, isSaving, load, save, bringBack } =
  useSheet(wall, code ?? "", String(route.query.from ?? ""));
provide(FAULTS, faults);

const MOST_CHANGES = 12;
const WORDS: Record<Wall, { one: string; back: string; path: string }> = {
  kits: { one: "kit", back: "All kits", path: "/parts/kits" },
  wheels: { one: "wheel", back: "All wheels", path: "/parts/wheels" },
  parts: { one: "part", back: "All parts", path: "/parts/shelf" },
};
const words = computed(() => WORDS[wall]);
const opened = ref(0);

const editions = computed(() =>
  (sheet.value?.editions ?? []).map((e, i, all) => ({
    ...e,
    place: i,
    changes: toChanges(all[i + 1]?.document, e.document, MOST_CHANGES),
  })),
);
const wheel = computed(() => (wall === "wheels" && draft.value ? toWheelDrawn(draft.value) : undefined));
/** What can be jumped to in a long sheet. */
const groups = computed(() =>
  Object.entries(schema.value.properties ?? {})
    .filter(([, part]) => ["group", "list", "counts"].includes(toKind(part, root.value)))
    .map(([name]) => name),
);
const isChanged = computed(() => JSON.stringify(draft.value) !== JSON.stringify(keeper.base.value));

async function onSave() {
  const kept = await save();
  if (!kept) return;
  toast.add({ severity: "success", summary: `${kept} kept`, life: 3000 });
  if (!code) await router.replace(`/parts/sheets/${wall}/${kept}`);
}

onMounted(load);
</script>

<template>
  <div class="wall-tools no-print">
    <RouterLink :to="words.path" class="paper">{{ words.back }}</RouterLink>
    <h2 class="grow title">
      {{ code || `A new ${words.one}` }}
      <span v-if="sheet" class="soft">edition {{ sheet.editions[0]?.edition }}</span>
    </h2>
    <RouterLink v-if="code && session.isLead" :to="`/parts/sheets/${wall}/new?from=${code}`" class="paper">
      Copy as a new {{ words.one }}
    </RouterLink>
    <template v-if="session.isLead && draft">
      <Button v-if="isChanged" label="Drop changes" severity="secondary" outlined @click="keeper.drop()" />
      <Button
        :label="code ? 'Keep as a new edition' : `Keep the ${words.one}`"
        :disabled="!isChanged"
        :loading="isSaving"
        @click="onSave"
      />
    </template>
  </div>
  <DraftNotice
    :is-restored="keeper.isRestored.value"
    :conflicts="keeper.conflicts.value"
    @drop="keeper.drop()"
    @settle="keeper.settle"
  />
  <div v-if="problem" class="failure" role="alert">
    <p>{{ problem }}</p>
    <ul v-if="others.length">
      <li v-for="(o, i) in others" :key="i">{{ o }}</li>
    </ul>
  </div>
  <div v-if="draft" class="both" :class="{ one: wall !== 'kits' }">
    <section class="sheet form">
      <p class="soft small">
        Figures as the papers print them: 280, 2 13/16 in, 55 lbf·ft; a bare number is in the unit named.
        Tolerance is half its width; left empty, the usual class counts. Jobs keep the edition they were
        judged with and are told when a later one changes their verdict.
      </p>
      <fieldset class="bare" :disabled="!session.isLead">
        <SheetNode
          :schema="schema"
          :root="root"
          name=""
          path=""
          required
          :fixed="Boolean(code)"
          :model-value="draft"
          @update:model-value="draft = $event as typeof draft"
        />
      </fieldset>
    </section>
    <aside>
      <section v-if="wall !== 'parts'" class="sheet side">
        <KitSectionDrawing v-if="wall === 'kits'" :kit="draft" />
        <WheelProfileDrawing v-else-if="wheel" :wheel="wheel" />
        <nav v-if="groups.length" class="groups" aria-label="Parts of the sheet">
          <a v-for="g in groups" :key="g" :href="`#group-${g}`">{{ toTitle(g).words }}</a>
        </nav>
      </section>
      <section v-if="sheet" class="sheet side">
        <h3>Used by</h3>
        <p v-if="!sheet.usedBy.length" class="soft">No job.</p>
        <ul v-else class="uses">
          <li v-for="u in sheet.usedBy" :key="`${u.jobId} ${u.where}`">
            <RouterLink :to="`/jobs/${u.jobId}`">{{ u.job }}</RouterLink>, {{ u.where }}
          </li>
        </ul>
      </section>
      <section v-if="sheet" class="sheet side">
        <h3>Editions</h3>
        <ol class="editions">
          <li v-for="e in editions" :key="e.edition">
            <button
              type="button"
              class="plain-button"
              :aria-expanded="opened === e.edition"
              @click="opened = opened === e.edition ? 0 : e.edition"
            >
              Edition {{ e.edition }}, {{ e.by || "came with the shop" }},
              <span class="figures">{{ new Date(e.at).toLocaleDateString() }}</span>
            </button>
            <div v-if="opened === e.edition">
              <ul class="small">
                <li v-for="(c, i) in e.changes" :key="i">{{ c }}</li>
                <li v-if="!e.changes.length">nothing differs</li>
              </ul>
              <button
                v-if="e.place > 0 && session.isLead"
                type="button"
                class="plain-button"
                @click="bringBack(e.place)"
              >
                Bring this edition back
              </button>
            </div>
          </li>
        </ol>
      </section>
    </aside>
  </div>
  <p v-else-if="!problem" class="soft">Fetching it …</p>
</template>

<style scoped>
.title {
  font-size: 1.25rem;
}

.title .soft {
  font-weight: 400;
  font-size: 1rem;
}

.both {
  display: grid;
  grid-template-columns: minmax(0, 1fr) 24rem;
  gap: 1rem;
  align-items: start;
}

.form,
.side {
  padding: 1rem;
  max-width: none;
}

.side {
  margin-bottom: 1rem;
}

aside {
  position: sticky;
  top: 0.5rem;
  max-height: calc(100vh - 1rem);
  overflow-y: auto;
}

.bare {
  border: 0;
  margin: 0;
  padding: 0;
  min-width: 0;
}

.groups {
  display: flex;
  flex-wrap: wrap;
  gap: 0 1rem;
  margin-top: 0.6rem;
}

.groups a {
  display: inline-flex;
  align-items: center;
  min-height: 44px;
}

.uses,
.editions {
  list-style: none;
  margin: 0;
  padding: 0;
}

.uses li,
.editions > li {
  padding: 0.25rem 0;
}

@media (max-width: 900px) {
  .both {
    grid-template-columns: 1fr;
  }

  aside {
    position: static;
    max-height: none;
  }
}
</style>
