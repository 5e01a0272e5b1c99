<script setup lang="ts">
import Button from "primevue/button";
import Checkbox from "primevue/checkbox";
import InputText from "primevue/inputtext";
import Select from "primevue/select";
import Textarea from "primevue/textarea";
import { computed, onMounted, reactive, ref } from "vue";
import { useRouter } from "vue-router";
import { client, toData, type Schemas } from "../../api/client";
import PlanView from "../../drawing/PlanView.vue";
import { useSession } from "../../shell/session";
import { useKept } from "../../shell/useKept";
import { toMessage } from "../../shell/useLoad";
import { ENDS, SHAPES, SOURCES, toUsualShape } from "../vehicle/words";

type NewJob = Schemas["NewJob"];

const session = useSession();
const router = useRouter();
const failure = ref("");
const isBusy = ref(false);

const VEHICLES = [
  { value: "CAR", label: "Car" },
  { value: "LIGHT_TRUCK", label: "Light truck or van" },
  { value: "FOUR_BY_FOUR", label: "4x4" },
  { value: "TRAILER", label: "Trailer" },
];

const job = reactive<NewJob>({
  title: "",
  vehicleKind: "CAR",
  vehicle: "",
  owner: "",
  mustBeReversible: true,
  notes: "",
  axles: [
    {
      name: "front axle",
      kind: "FRONT_SPINDLE",
      bracketShape: "CIRCLE",
      load: "",
      loadSource: "ESTIMATE",
      wheelStays: true,
    },
  ],
});
const promised = ref("");
const kept = useKept("new-job", {
  job: computed({ get: () => job, set: (typed: NewJob) => Object.assign(job, typed) }),
  promised,
});
/** What a job is called that nobody named. */
const usualTitle = computed(() => {
  const kind = VEHICLES.find((v) => v.value === job.vehicleKind)?.label ?? "";
  return [kind, ...job.axles.map((a) => a.name)].join(", ");
});
const loadHint = computed(() => (session.units === "METRIC" ? "such as 780 kg" : "such as 1720 lb"));

function onKind() {
  const first = job.axles[0];
  if (!first) return;
  if (job.vehicleKind === "TRAILER")
    Object.assign(first, { name: "trailer axle", kind: "TRAILER_SPINDLE", bracketShape: "CIRCLE" });
  else Object.assign(first, { name: "front axle", kind: "FRONT_SPINDLE", bracketShape: "CIRCLE" });
}

const USUAL_NAMES = ["front axle", "rear axle", "trailer axle"];

function onEnd(axle: NewJob["axles"][number]) {
  if (USUAL_NAMES.includes(axle.name)) {
    const isRear = axle.kind === "REAR_LIVE_AXLE" || axle.kind === "REAR_UPRIGHT";
    axle.name = axle.kind === "TRAILER_SPINDLE" ? "trailer axle" : isRear ? "rear axle" : "front axle";
  }
  axle.bracketShape = toUsualShape(axle.kind);
}

function onAdd() {
  const isTrailer = job.vehicleKind === "TRAILER";
  job.axles.push({
    name: isTrailer ? `trailer axle ${job.axles.length + 1}` : "rear axle",
    kind: isTrailer ? "TRAILER_SPINDLE" : "REAR_LIVE_AXLE",
    bracketShape: isTrailer ? "CIRCLE" : "RECTANGLE",
    load: "",
    loadSource: "ESTIMATE",
    wheelStays: true,
  });
}

onMounted(() => document.getElementById("title")?.focus());

async function onSubmit() {
  isBusy.value = true;
  failure.value = "";
  try {
    const added = await toData(
      client.POST("/api/jobs", {
        body: { ...job, title: job.title.trim() || usualTitle.value, promised: promised.value || undefined },
      }),
    );
    kept.sent();
    await router.push(`/axles/${added.axles[0]?.id}/measure`);
  } catch (e) {
    failure.value = toMessage(e);
  } finally {
    isBusy.value = false;
  }
}
</script>

<template>
  <form class="page" @submit.prevent="onSubmit">
    <div class="page-head"><h1>New job</h1></div>
    <p v-if="kept.isRestored.value" class="small" role="status">
      What you typed before is back.
      <button type="button" class="plain-button" @click="kept.drop">Begin anew</button>
    </p>
    <div class="two">
      <div class="sheet form">
        <div class="row">
          <div class="field">
            <label for="title">What the shop calls it</label>
            <InputText id="title" v-model="job.title" maxlength="120" :placeholder="usualTitle" />
          </div>
          <div class="field">
            <label for="owner">Owner</label>
            <InputText id="owner" v-model="job.owner" maxlength="120" />
          </div>
        </div>
        <div class="row">
          <div class="field">
            <label for="kind">Vehicle</label>
            <Select
              v-model="job.vehicleKind"
              input-id="kind"
              :options="VEHICLES"
              option-label="label"
              option-value="value"
              @change="onKind"
            />
          </div>
          <div class="field">
            <label for="promised">Promised</label>
            <InputText id="promised" v-model="promised" type="date" />
          </div>
          <label class="check"
            ><Checkbox v-model="job.mustBeReversible" binary /> Must be able to go back to drums</label
          >
        </div>
        <div class="field">
          <label for="vehicle">What stands there</label>
          <InputText id="vehicle" v-model="job.vehicle" maxlength="500" />
          <span class="small soft"
            >Year and model are a hint only: earlier owners swap axles. What is there is proved by
            measuring.</span
          >
        </div>
        <div class="field">
          <label for="notes">Notes</label>
          <Textarea id="notes" v-model="job.notes" rows="1" maxlength="2000" auto-resize />
        </div>
      </div>
      <PlanView class="sheet plan" :kind="job.vehicleKind" :axles="job.axles" />
    </div>
    <fieldset v-for="(axle, i) in job.axles" :key="i" class="sheet form axle">
      <legend class="visually-hidden">Axle {{ i + 1 }}</legend>
      <div class="row">
        <div class="field">
          <label :for="`name${i}`">Axle</label>
          <InputText :id="`name${i}`" v-model="axle.name" required maxlength="60" />
        </div>
        <div class="field">
          <label :for="`end${i}`">Kind of axle end</label>
          <Select
            v-model="axle.kind"
            :input-id="`end${i}`"
            :options="ENDS"
            option-label="label"
            option-value="value"
            @change="onEnd(axle)"
          />
        </div>
        <div class="field">
          <label :for="`shape${i}`">Backing-plate bolts lie</label>
          <Select
            v-model="axle.bracketShape"
            :input-id="`shape${i}`"
            :options="SHAPES"
            option-label="label"
            option-value="value"
          />
        </div>
        <div class="field">
          <label :for="`load${i}`">Axle load</label>
          <InputText :id="`load${i}`" v-model="axle.load" maxlength="60" :placeholder="loadHint" />
        </div>
        <div class="field">
          <label :for="`source${i}`">Load known</label>
          <Select
            v-model="axle.loadSource"
            :input-id="`source${i}`"
            :options="SOURCES"
            option-label="label"
            option-value="value"
          />
        </div>
      </div>
      <div class="row">
        <label class="check"><Checkbox v-model="axle.wheelStays" binary /> The wheels must stay</label>
        <Button
          v-if="job.axles.length > 1"
          label="Remove this axle"
          severity="secondary"
          text
          @click="job.axles.splice(i, 1)"
        />
      </div>
    </fieldset>
    <p v-if="failure" class="failure" role="alert">{{ failure }}</p>
    <div class="row end">
      <Button v-if="job.axles.length < 6" label="Add an axle" severity="secondary" outlined @click="onAdd" />
      <Button type="submit" label="Start measuring" :loading="isBusy" />
    </div>
  </form>
</template>

<style scoped>
.two {
  display: grid;
  grid-template-columns: 1fr 17rem;
  gap: 1rem;
}

.form {
  display: flex;
  flex-direction: column;
  gap: 0.8rem;
  padding: 1rem;
}

.axle {
  margin: 1rem 0 0;
}

.row {
  display: flex;
  gap: 1rem;
  align-items: end;
  flex-wrap: wrap;
}

.row .field {
  flex: 1;
  min-width: 11rem;
}

.end {
  margin-top: 1rem;
  justify-content: flex-end;
}

.check {
  display: flex;
  gap: 0.6rem;
  align-items: center;
  min-height: 44px;
}

@media (max-width: 800px) {
  .two {
    grid-template-columns: 1fr;
  }
}
</style>
