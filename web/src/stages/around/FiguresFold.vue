<script setup lang="ts">
import type { Schemas } from "../../api/client";
import FigureField from "../../fields/FigureField.vue";
import { useSession } from "../../shell/session";
import { toLength } from "../../units/format";

/** Coordinates: those worked out from tape, to be read, and those somebody typed, to be changed. */
const { shapes, steered, disabled } = defineProps<{
  shapes: Schemas["StandingView"][];
  steered: boolean;
  disabled: boolean;
}>();
const text = defineModel<Schemas["SideText"]>({ required: true });
const session = useSession();

const mm = (value: number) => toLength(value, session.units);

function toPlace(s: Schemas["StandingView"]) {
  const x = `x ${mm(s.xFrom)} to ${mm(s.xTo)}`;
  return s.onChassis
    ? `${x}; forward ${mm(s.forwardFrom)} to ${mm(s.forwardTo)}; up ${mm(s.upFrom)} to ${mm(s.upTo)}`
    : `${x}; radius ${mm(s.rFrom)} to ${mm(s.rTo)}; clock ${s.clockFrom.toFixed(0)}° to ${s.clockTo.toFixed(0)}°`;
}

function addObstacle() {
  text.value.inboard.push({
    name: "",
    clockFrom: "",
    clockTo: "",
    xFrom: "",
    xTo: "",
    rFrom: "",
    rTo: "",
    halfLimit: "",
    mayBeGround: "",
  });
}

function addBox() {
  text.value.chassis.push({
    name: "",
    xFrom: "",
    xTo: "",
    forwardFrom: "",
    forwardTo: "",
    upFrom: "",
    upTo: "",
    halfLimit: "",
  });
}
</script>

<template>
  <details class="sheet figures">
    <summary>Figures</summary>
    <p class="small soft">
      x from the bracket’s bolt face, outboard positive; forward and up from the wheel axis; clock 0 is up, 90
      to the front. Inboard and down are negative.
    </p>
    <ul v-if="shapes.some((s) => s.taped >= 0)" class="small">
      <li v-for="s in shapes.filter((t) => t.taped >= 0)" :key="s.taped">
        <strong>{{ s.name }}</strong>, by tape: {{ toPlace(s) }}
      </li>
    </ul>
    <h3>Beside the caliper</h3>
    <div v-for="(o, i) in text.inboard" :key="`o${i}`" class="thing">
      <FigureField v-model="o.name" label="What" wide />
      <FigureField v-model="o.clockFrom" label="Clock from" unit="°" />
      <FigureField v-model="o.clockTo" label="to" unit="°" />
      <FigureField v-model="o.xFrom" label="x from" />
      <FigureField v-model="o.xTo" label="to" />
      <FigureField v-model="o.rFrom" label="Radius from" />
      <FigureField v-model="o.rTo" label="to" />
      <FigureField v-model="o.mayBeGround" label="May be ground" hint="only a rib, never what carries load" />
      <button
        type="button"
        class="plain-button"
        :aria-label="`Remove ${o.name}`"
        :disabled="disabled"
        @click="text.inboard.splice(i, 1)"
      >
        ✕
      </button>
    </div>
    <button type="button" class="plain-button" :disabled="disabled" @click="addObstacle">
      Add by figures, beside
    </button>
    <h3>On the vehicle</h3>
    <div v-for="(b, i) in text.chassis" :key="`b${i}`" class="thing">
      <FigureField v-model="b.name" label="What" wide />
      <FigureField v-model="b.xFrom" label="x from" />
      <FigureField v-model="b.xTo" label="to" />
      <FigureField v-model="b.forwardFrom" label="Forward from" />
      <FigureField v-model="b.forwardTo" label="to" />
      <FigureField v-model="b.upFrom" label="Up from" />
      <FigureField v-model="b.upTo" label="to" />
      <button
        type="button"
        class="plain-button"
        :aria-label="`Remove ${b.name}`"
        :disabled="disabled"
        @click="text.chassis.splice(i, 1)"
      >
        ✕
      </button>
    </div>
    <button type="button" class="plain-button" :disabled="disabled" @click="addBox">
      Add by figures, on the vehicle
    </button>
    <template v-if="steered">
      <h3>King-pin axis</h3>
      <div class="thing">
        <FigureField v-model="text.steering.lowerX" label="Lower joint x" />
        <FigureField v-model="text.steering.lowerForward" label="forward" />
        <FigureField v-model="text.steering.lowerUp" label="up" />
        <FigureField v-model="text.steering.upperX" label="Upper joint x" />
        <FigureField v-model="text.steering.upperForward" label="forward" />
        <FigureField v-model="text.steering.upperUp" label="up" />
        <FigureField v-model="text.steering.lockIn" label="Lock in" unit="°" />
        <FigureField v-model="text.steering.lockOut" label="Lock out" unit="°" />
      </div>
    </template>
  </details>
</template>

<style scoped src="./around.css"></style>

<style scoped>
.figures {
  padding: 0.5rem 0.9rem 0.9rem;
  margin-bottom: 0.9rem;
}

summary {
  font-weight: 600;
  min-height: 44px;
  display: flex;
  align-items: center;
  cursor: pointer;
}

h3 {
  margin: 0.8rem 0 0.2rem;
}
</style>
