<script setup lang="ts">
import Button from "primevue/button";
import InputText from "primevue/inputtext";
import { ref, useTemplateRef } from "vue";
import type { Schemas } from "../../api/client";
import { useAxle } from "../../shell/axleHead";
import { useSession } from "../../shell/session";
import { useKept } from "../../shell/useKept";
import { toTorque } from "../../units/format";
import StepReading from "./StepReading.vue";
import type { TickBody } from "./useBenchCard";

/** What is said of a step as it is ticked: readings, torque, what it was taken with, what was put in only to try. */
const { step, isOutside, mayConfirm, isBusy } = defineProps<{
  step: Schemas["StepView"];
  /** Refused as it stands: a lead may sign. */
  isOutside: boolean;
  /** An unlikely torque was asked about. */
  mayConfirm: boolean;
  isBusy: boolean;
}>();
const emit = defineEmits<{ tick: [said: Omit<TickBody, "seal" | "cautionRead">] }>();

const session = useSession();
const setValue = ref("");
const held = ref("");
const readings = ref<string[]>([]);
const signed = ref("");
const isMarked = ref(false);
const tool = ref(step.readWith);
const loose = ref<Schemas["LooseView"]["item"][]>([]);
const kept = useKept(`tick.${useAxle().axleId}.${step.id}`, {
  setValue,
  held,
  readings,
  signed,
  isMarked,
  tool,
  loose,
});
const form = useTemplateRef<HTMLFormElement>("form");
const reading = useTemplateRef<InstanceType<typeof StepReading>>("reading");

function onSubmit() {
  emit("tick", {
    setValue: setValue.value,
    held: held.value,
    confirmed: mayConfirm,
    marked: isMarked.value,
    readings: readings.value.map((r) => r.trim()).filter(Boolean),
    signed: signed.value,
    tool: step.readWith ? tool.value : "",
    loose: loose.value,
  });
}

/** What a gauge or clock sends goes where the next figure is wanted. */
function typeIn(text: string) {
  if (step.reading) reading.value?.typeIn(text);
  else if (step.torqueNm) setValue.value = text;
}

const focus = () => form.value?.querySelector<HTMLElement>("input, button")?.focus();
defineExpose({ typeIn, focus, sent: kept.sent });
</script>

<template>
  <form ref="form" class="tick" @submit.prevent="onSubmit">
    <StepReading v-if="step.reading" ref="reading" v-model="readings" :wanted="step.reading" />
    <fieldset v-if="step.loose.length" class="loose">
      <legend>
        {{ step.kind === "MOCKUP" ? "Put in only to try" : "Made good now" }}
      </legend>
      <label v-for="l in step.loose" :key="l.item"
        ><input v-model="loose" type="checkbox" :value="l.item" /> {{ l.title }}</label
      >
    </fieldset>
    <div v-if="step.hold" class="field">
      <label for="held">{{
        step.reading ? "Said besides (may be empty)" : "Measured or seen at the hold"
      }}</label>
      <InputText id="held" v-model="held" maxlength="200" autocomplete="off" />
    </div>
    <div v-if="step.torqueNm || !step.hold" class="field">
      <label for="set">{{ step.torqueNm ? "Torque set" : "Measured or noted (may be empty)" }}</label>
      <InputText
        id="set"
        v-model="setValue"
        maxlength="60"
        autocomplete="off"
        :placeholder="step.torqueNm ? toTorque(step.torqueNm, session.units) : ''"
        :disabled="isMarked"
      />
      <label v-if="step.torqueNm" class="marked"
        ><input v-model="isMarked" type="checkbox" /> No wrench reaches: wrench-tight and marked</label
      >
    </div>
    <div v-if="step.readWith" class="field with">
      <label for="tool">Taken with</label>
      <InputText id="tool" v-model="tool" maxlength="40" autocomplete="off" />
    </div>
    <div v-if="isOutside && session.isLead" class="field">
      <label for="signed">Lead signs for it, because</label>
      <InputText id="signed" v-model="signed" maxlength="200" autocomplete="off" />
    </div>
    <Button type="submit" :label="mayConfirm ? 'Log it as set' : 'Done'" :loading="isBusy" />
  </form>
</template>

<style scoped>
.tick {
  display: flex;
  flex-wrap: wrap;
  gap: 1rem;
  align-items: end;
  margin-top: 0.6rem;
}

.field {
  flex: 1;
  max-width: 22rem;
}

.with {
  max-width: 13rem;
}

.tick :deep(.p-button) {
  min-height: 56px;
  min-width: 9rem;
  font-size: 1.3rem;
}

.tick :deep(.p-inputtext) {
  min-height: 56px;
  font-size: 1.4rem;
}

.loose {
  flex: 1 1 100%;
  border: 1px solid var(--line);
  display: grid;
  grid-template-columns: repeat(auto-fill, minmax(19rem, 1fr));
}

.loose label,
.marked {
  display: flex;
  gap: 0.5rem;
  align-items: center;
  min-height: 44px;
}

@media (max-width: 800px) {
  .tick {
    flex-flow: column nowrap;
    align-items: stretch;
  }

  .field {
    max-width: none;
  }
}
</style>
