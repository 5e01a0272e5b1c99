<script setup lang="ts">
import { ref } from "vue";
import { client, toData, type Schemas } from "../../api/client";
import FigureField from "../../fields/FigureField.vue";
import { toMessage } from "../../shell/useLoad";

/** The steered axis from four tape readings, and the locks off the floor. */
const { axleId, isByFigures, disabled } = defineProps<{
  axleId: number;
  /** It was told by coordinates: then nothing is wanted here. */
  isByFigures: boolean;
  disabled: boolean;
}>();
const tape = defineModel<Schemas["KingPinText"]>({ required: true });

const edge = ref("");
const swing = ref({ lockIn: "", lockOut: "" });
const fault = ref("");

/** A lock's angle from how far the edge swung, once both are there. */
async function onSwing(lock: "lockIn" | "lockOut") {
  if (!edge.value.trim() || !swing.value[lock].trim()) return;
  fault.value = "";
  try {
    tape.value[lock] = String(
      await toData(
        client.GET("/api/axles/{axleId}/around/lock", {
          params: { path: { axleId }, query: { length: edge.value, swing: swing.value[lock] } },
        }),
      ),
    );
  } catch (e) {
    fault.value = toMessage(e);
  }
}

async function onEdge() {
  await onSwing("lockIn");
  await onSwing("lockOut");
}
</script>

<template>
  <fieldset :disabled="disabled">
    <legend>King-pin axis and locks</legend>
    <p v-if="isByFigures">Told by figures already, below. To take it by tape, empty those first.</p>
    <p class="small soft">
      To the middle of each joint or king-pin end: straight in from the hub face, and up or down from the
      axis.
    </p>
    <div class="thing">
      <FigureField v-model="tape.lowerIn" label="Lower joint, in" />
      <FigureField v-model="tape.lowerDown" label="and down" />
      <FigureField v-model="tape.upperIn" label="Upper joint, in" />
      <FigureField v-model="tape.upperUp" label="and up" />
      <FigureField
        v-model="tape.lowerAhead"
        label="Lower ahead"
        hint="of the axis; behind is minus. Empty: a lean of up to 6° either way is allowed for"
      />
      <FigureField v-model="tape.upperAhead" label="Upper ahead" hint="of the axis; behind is minus" />
    </div>
    <div class="thing">
      <FigureField v-model="tape.lockIn" label="Turns in" unit="°" />
      <FigureField v-model="tape.lockOut" label="Turns out" unit="°" />
    </div>
    <p class="small soft">
      Without a turntable: lay a straight edge along the wheel and draw its line on the floor, straight ahead.
      At each lock, measure both marks of the edge off the line; the swing is the difference.
    </p>
    <div class="thing">
      <FigureField v-model="edge" label="Between marks" @change="onEdge" />
      <FigureField v-model="swing.lockIn" label="Swing, in" @change="onSwing('lockIn')" />
      <FigureField v-model="swing.lockOut" label="Swing, out" @change="onSwing('lockOut')" />
    </div>
    <p v-if="fault" class="failure" role="alert">{{ fault }}</p>
  </fieldset>
</template>

<style scoped src="./around.css"></style>

<style scoped>
p {
  margin: 0.2rem 0;
}
</style>
