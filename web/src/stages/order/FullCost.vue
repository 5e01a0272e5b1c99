<script setup lang="ts">
import { computed } from "vue";
import { client, toData, type Schemas } from "../../api/client";
import { useLoad } from "../../shell/useLoad";
import { toPrice } from "../../units/format";

/** What the axle costs in full, in bars, and everything the plan's steps take with where it comes from. */
const { axleId, currency } = defineProps<{ axleId: number; currency: string }>();
const { data: cost, failure } = useLoad(() =>
  toData(client.GET("/api/axles/{axleId}/order/cost", { params: { path: { axleId } } })),
);

const FROM: Record<Schemas["BillLineView"]["from"], string> = {
  IN_THE_BOX: "in the box",
  ON_THE_SHELF: "on the shelf",
  PLANNED_FOR_THE_BRAKES: "planned for the brakes",
  NAMED_BY_THE_PAPERS: "on this sheet",
  OF_THE_CATALOGUE: "to be picked from the catalogue by size",
  OPEN: "nobody prices it: holds the order",
};

const bars = computed(() => {
  const c = cost.value;
  if (!c) return [];
  const most = Math.max(1, c.total.high);
  return [
    { name: "Kit, parts, outside work", range: c.bought },
    { name: "Besides, by size", range: c.besides },
    { name: `Own hours at ${toPrice(c.rateCents, currency)}`, range: c.hours },
    { name: "In full", range: c.total },
  ].map((b) => ({
    ...b,
    from: (100 * b.range.low) / most,
    width: (100 * (b.range.high - b.range.low)) / most,
    likely: (100 * b.range.likely) / most,
  }));
});

function said(range: Schemas["CostRangeView"]) {
  return range.low === range.high
    ? toPrice(range.low, currency)
    : `${toPrice(range.likely, currency)} (${toPrice(range.low)} to ${toPrice(range.high)})`;
}
</script>

<template>
  <section class="full">
    <h2>Full cost</h2>
    <p v-if="failure" class="failure" role="alert">{{ failure }}</p>
    <template v-else-if="cost">
      <dl>
        <template v-for="b in bars" :key="b.name">
          <dt>{{ b.name }}</dt>
          <dd>
            <span class="bar" aria-hidden="true">
              <span class="sure" :style="{ width: `${b.from}%` }" />
              <span class="open" :style="{ left: `${b.from}%`, width: `${b.width}%` }" />
              <span class="likely" :style="{ left: `${b.likely}%` }" />
            </span>
            <span class="figures">{{ said(b.range) }}</span>
          </dd>
        </template>
      </dl>
      <details v-if="cost.tools.length" class="tools">
        <summary>Tools the shop has not, or nobody said it has ({{ cost.tools.length }})</summary>
        <dl>
          <template v-for="t in cost.tools" :key="t.tool">
            <dt>{{ t.tool }}</dt>
            <dd class="way">
              {{ t.ways }}
              <span class="soft small">for {{ t.steps.join(", ").toLowerCase() }}</span>
            </dd>
          </template>
        </dl>
        <p class="small soft">
          Which the shop has is told under <RouterLink to="/shop">the shop’s settings</RouterLink>.
        </p>
      </details>
      <details>
        <summary>Everything the steps take ({{ cost.bill.length }})</summary>
        <table class="plain">
          <thead>
            <tr>
              <th scope="col">What</th>
              <th scope="col">For the step</th>
              <th scope="col" class="right">Needed</th>
              <th scope="col" class="right">To buy</th>
              <th scope="col">From</th>
              <th scope="col" class="right">Cost</th>
            </tr>
          </thead>
          <tbody>
            <tr v-for="l in cost.bill" :key="l.what + l.step">
              <th scope="row">{{ l.what }}<span v-if="l.usedUp" class="soft">, used up</span></th>
              <td>{{ l.step }}</td>
              <td class="right figures">{{ l.needed }}</td>
              <td class="right figures">{{ l.toBuy }}</td>
              <td>
                {{ FROM[l.from]
                }}<template v-if="l.from === 'ON_THE_SHELF'"
                  >: {{ l.code }}, look that it is the right one</template
                >
              </td>
              <td class="right figures">{{ l.cost ? (l.cost.high ? said(l.cost) : "") : "open" }}</td>
            </tr>
          </tbody>
        </table>
      </details>
    </template>
  </section>
</template>

<style scoped>
.full {
  margin-top: 1rem;
}

h2 {
  font-size: 1.15rem;
  margin: 0 0 0.4rem;
}

dl {
  display: grid;
  grid-template-columns: minmax(10rem, 16rem) 1fr;
  gap: 0.3rem 1rem;
  margin: 0;
}

dt {
  align-self: center;
}

dd {
  margin: 0;
  display: grid;
  grid-template-columns: minmax(6rem, 1fr) 22rem;
  gap: 1rem;
  align-items: center;
}

dd.way {
  display: block;
}

.bar {
  position: relative;
  height: 1rem;
  border: 1px solid var(--ink-soft);
}

.bar span {
  position: absolute;
  top: 0;
  bottom: 0;
}

.sure {
  left: 0;
  background: var(--accent);
}

.open {
  background: repeating-linear-gradient(45deg, var(--accent) 0 3px, var(--sheet) 3px 7px);
}

.likely {
  width: 2px;
  background: var(--ink);
}

.right {
  text-align: right;
}

summary {
  min-height: 44px;
  line-height: 44px;
  cursor: pointer;
}

@media (max-width: 800px) {
  dl,
  dd {
    grid-template-columns: 1fr;
  }
}
</style>
