<script setup lang="ts">
import type { Schemas } from "../../api/client";
import FigureField from "../../fields/FigureField.vue";

/** What else of hub and wheel must clear: how they are held, valve, cap and spare. */
const { held, wheels, disabled } = defineProps<{
  held: Schemas["HeldChoice"][];
  wheels: Schemas["WheelChoice"][];
  disabled: boolean;
}>();
/** A spare kept with the axle though its wheel is on the wall no more. */
function isKept(spare: string) {
  return !["", "NONE", "AS_ON_THE_ROAD"].includes(spare) && !wheels.some((w) => w.code === spare);
}

const details = defineModel<Schemas["DetailsText"]>({ required: true });
</script>

<template>
  <fieldset>
    <legend>Hub, valve, cap, spare</legend>
    <div class="thing">
      <label class="pick">
        <span>How hub and wheel are held</span>
        <select v-model="details.held" :disabled="disabled">
          <option value="">not looked at</option>
          <option v-for="h in held" :key="h.held" :value="h.held">{{ h.word }}</option>
        </select>
      </label>
      <label class="pick">
        <span>Spare wheel</span>
        <select v-model="details.spare" :disabled="disabled">
          <option value="">not looked at</option>
          <option value="NONE">none carried</option>
          <option value="AS_ON_THE_ROAD">like those on the road</option>
          <option v-for="w in wheels" :key="w.code" :value="w.code">{{ w.code }} · {{ w.name }}</option>
          <option v-if="isKept(details.spare)" :value="details.spare">{{ details.spare }}</option>
        </select>
      </label>
    </div>
    <div class="thing">
      <FigureField v-model="details.valveDepth" label="Valve from the wheel's edge" />
      <FigureField v-model="details.valveHeight" label="stands in by" />
      <label class="tick">
        <input v-model="details.noValve" type="checkbox" :disabled="disabled || !!details.valveHeight" />
        No valve inside
      </label>
      <FigureField
        v-model="details.wheelRated"
        data-wheel-rated
        label="Wheel rated"
        hint="load marked inside it"
      />
      <FigureField v-model="details.capRoom" label="Room under the cap" hint="from the wheel's face out" />
    </div>
  </fieldset>
</template>

<style scoped src="./around.css"></style>

<style scoped>
.pick {
  flex-direction: column;
  align-items: start;
  gap: 0.15rem;
}

.pick select {
  max-width: 19rem;
}
</style>
