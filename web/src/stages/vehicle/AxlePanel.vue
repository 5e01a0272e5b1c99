<script setup lang="ts">
import { reactive, ref, watch } from "vue";
import { client, toData, type Schemas } from "../../api/client";
import { useSession } from "../../shell/session";
import { toMessage } from "../../shell/useLoad";
import { toMass } from "../../units/format";
import ChoiceField from "../../fields/ChoiceField.vue";
import TextField from "../../fields/TextField.vue";
import type { AxleDeed } from "./useVehicleDeeds";
import { ENDS, NUTS, RETENTIONS, SHAPES, SOURCES, toUsualShape } from "./words";

/** What is seen of one axle before anything is measured, and what the papers say of it. */
const { axle, jobId } = defineProps<{ axle: Schemas["AxleCard"] | null; jobId: number }>();
const emit = defineEmits<{ saved: [vehicle: Schemas["VehicleView"], change?: AxleDeed] }>();
const session = useSession();
const failure = ref("");

const SPINDLES = ["FRONT_SPINDLE", "CLOSED_KNUCKLE", "TRAILER_SPINDLE"];

function toDraft(): Schemas["AxleChange"] {
  return {
    version: axle?.version ?? 0,
    name: axle?.name ?? "rear axle",
    form: {
      ...(axle?.form ?? {
        kind: "REAR_LIVE_AXLE",
        bracketShape: "RECTANGLE",
        nut: "CASTLE",
        retention: "PRESSED_BEARING",
        greaseThrough: false,
        handed: false,
        toneRing: false,
        electricBrakes: false,
      }),
    },
    pattern: axle?.pattern ?? "",
    housingEnd: axle?.housingEnd ?? "",
    spindle: axle?.spindle ?? "",
    load: axle?.loadKg === undefined ? "" : toMass(axle.loadKg, session.units),
    loadSource: axle?.loadSource ?? "ESTIMATE",
    wheelStays: axle?.wheelStays ?? true,
  };
}

const draft = reactive(toDraft());
watch([() => axle?.id, () => axle?.version], () => Object.assign(draft, toDraft()));

function onKind() {
  draft.form.bracketShape = toUsualShape(draft.form.kind);
}

type Vehicle = Schemas["VehicleView"];

function put(axleId: number, body: Schemas["AxleChange"]): Promise<Vehicle> {
  return toData(client.PUT("/api/axles/{axleId}/form", { params: { path: { axleId } }, body }));
}

async function onSave() {
  failure.value = "";
  try {
    if (!axle) {
      const body = { params: { path: { id: jobId } }, body: draft };
      emit("saved", await toData(client.POST("/api/jobs/{id}/axles", body)));
      return;
    }
    const id = axle.id;
    const before = toDraft();
    const after = { ...draft, form: { ...draft.form } };
    emit("saved", await put(id, draft), { axleId: id, before, after });
  } catch (e) {
    failure.value = toMessage(e);
  }
}
</script>

<template>
  <form class="panel" @submit.prevent="onSave">
    <h2>{{ axle ? axle.name : "Another axle" }}</h2>
    <div class="grid">
      <TextField v-model="draft.name" label="Name" />
      <ChoiceField
        v-model="draft.form.kind"
        label="Kind of axle end"
        :choices="ENDS"
        @update:model-value="onKind"
      />
      <ChoiceField v-model="draft.form.bracketShape" label="Backing-plate bolts lie" :choices="SHAPES" />
      <ChoiceField
        v-if="SPINDLES.includes(draft.form.kind)"
        v-model="draft.form.nut"
        label="Bearings held by"
        :choices="NUTS"
      />
      <ChoiceField
        v-if="draft.form.kind === 'REAR_LIVE_AXLE'"
        v-model="draft.form.retention"
        label="Shaft held by"
        :choices="RETENTIONS"
      />
      <TextField v-model="draft.load" label="Axle load" hint="such as 780 kg" />
      <ChoiceField v-model="draft.loadSource" label="Load known" :choices="SOURCES" />
    </div>
    <div class="checks">
      <label><input v-model="draft.wheelStays" type="checkbox" /> The wheels must stay</label>
      <label><input v-model="draft.form.handed" type="checkbox" /> Parts stamped left and right</label>
      <label><input v-model="draft.form.toneRing" type="checkbox" /> Anti-lock tone rings</label>
      <label v-if="draft.form.kind === 'TRAILER_SPINDLE'"
        ><input v-model="draft.form.electricBrakes" type="checkbox" /> Electric brakes</label
      >
      <label v-if="draft.form.kind === 'TRAILER_SPINDLE'"
        ><input v-model="draft.form.greaseThrough" type="checkbox" /> Grease goes through the spindle</label
      >
    </div>
    <p v-if="draft.form.toneRing" class="caution">
      A tone ring on the drum may be lost with it: settle that with the owner before ordering.
    </p>
    <h3>What the papers say</h3>
    <p class="soft small">A hint, never trusted: it is held against what is measured.</p>
    <div class="grid">
      <TextField v-model="draft.pattern" label="Wheel pattern" hint="5 on 4 1/2 in" :most="80" />
      <TextField
        v-if="draft.form.kind === 'REAR_LIVE_AXLE'"
        v-model="draft.housingEnd"
        label="Housing end"
        :most="80"
      />
      <TextField
        v-if="SPINDLES.includes(draft.form.kind)"
        v-model="draft.spindle"
        label="Spindle"
        :most="80"
      />
    </div>
    <p v-if="failure" class="failure" role="alert">{{ failure }}</p>
    <div class="ways">
      <button v-if="session.mayChange" type="submit" class="strong">
        {{ axle ? "Save" : "Add the axle" }}
      </button>
      <RouterLink v-if="axle" class="go" :to="`/axles/${axle.id}/measure`">Measure this axle</RouterLink>
    </div>
  </form>
</template>
