<script setup lang="ts">
import Button from "primevue/button";
import Textarea from "primevue/textarea";
import { useToast } from "primevue/usetoast";
import { computed, ref, watch } from "vue";
import { client, Refusal, toData } from "../../api/client";
import { useAxle } from "../../shell/axleHead";
import { useSession } from "../../shell/session";
import { useKept } from "../../shell/useKept";
import { toMessage, useLoad } from "../../shell/useLoad";
import { toPrice, toTime } from "../../units/format";
import FindingText from "../../verdict/FindingText.vue";
import OpenBrakes from "../../verdict/OpenBrakes.vue";
import FullCost from "./FullCost.vue";
import SupplierOffers from "./SupplierOffers.vue";
import SupplierOrders from "./SupplierOrders.vue";
import UnpackBench from "./UnpackBench.vue";
import OverturnedAlarm from "../../verdict/OverturnedAlarm.vue";
import VerdictMark from "../../verdict/VerdictMark.vue";
import { toVerdictWord } from "../../verdict/words";

const axle = useAxle();
const session = useSession();
const toast = useToast();
const path = { axleId: axle.axleId };
const {
  data: order,
  failure,
  isLoading,
  load,
} = useLoad(() => toData(client.GET("/api/axles/{axleId}/order", { params: { path } })), {
  inUnits: () => session.units,
});
const reason = ref("");
useKept(`order-reason.${axle.axleId}`, { reason });
const problem = ref("");
const isBusy = ref(false);

watch(order, (now) => {
  if (now) axle.set({ jobTitle: now.jobTitle, name: now.name, chosenKit: now.kit });
});

const KINDS = { KIT: "kit", PART: "part", WORK: "outside work" };
const mayOrder = computed(() => order.value?.gate === "OPEN" || Boolean(order.value?.signature));
const bySupplier = computed(() => {
  const groups = new Map<string, NonNullable<typeof order.value>["lines"]>();
  for (const line of order.value?.lines ?? [])
    groups.set(line.supplier, [...(groups.get(line.supplier) ?? []), line]);
  return [...groups];
});

async function act(action: () => Promise<NonNullable<typeof order.value>>, done: string) {
  isBusy.value = true;
  problem.value = "";
  try {
    order.value = await action();
    toast.add({ severity: "success", summary: done, life: 4000 });
  } catch (e) {
    problem.value = toMessage(e);
    if (e instanceof Refusal && e.isOutdated) await load(); // the sheet as it is now, beside what is said of it
  } finally {
    isBusy.value = false;
  }
}

function onSign() {
  if (reason.value.trim().length < 10) {
    problem.value = "Give the reason in at least 10 characters: it stays in the record under your name.";
    return;
  }
  void act(
    () =>
      toData(
        client.POST("/api/axles/{axleId}/order/signature", {
          params: { path },
          body: { reason: reason.value, seal: order.value?.seal ?? "" },
        }),
      ),
    "Signed",
  ).then(() => {
    if (!problem.value) reason.value = ""; // it stands in the record now
  });
}

function onPlace() {
  void act(
    () =>
      toData(
        client.POST("/api/axles/{axleId}/order/placement", {
          params: { path },
          body: { seal: order.value?.seal ?? "" },
        }),
      ),
    "Order placed",
  );
}
</script>

<template>
  <div class="page">
    <div class="page-head">
      <h1>Order sheet</h1>
      <RouterLink v-if="order" class="paper" :to="`/jobs/${order.jobId}/brakes`"
        >What the brakes will do</RouterLink
      >
      <template v-if="order && order.gate !== 'SHUT'">
        <a class="paper" :href="`/api/axles/${axle.axleId}/order/offer.pdf`" target="_blank" rel="noopener"
          >Offer to the owner</a
        >
        <a
          v-if="order.machined"
          class="paper"
          :href="`/api/axles/${axle.axleId}/order/work-order.pdf`"
          target="_blank"
          rel="noopener"
          >Machine shop</a
        >
      </template>
      <template v-if="order && mayOrder">
        <a class="paper" :href="`/api/axles/${axle.axleId}/order.csv`" download>CSV</a>
        <a class="paper" :href="`/api/axles/${axle.axleId}/order.xlsx`" download>XLSX</a>
        <a class="paper" :href="`/api/axles/${axle.axleId}/order.pdf`" download>PDF</a>
      </template>
    </div>
    <p v-if="failure" class="failure" role="alert">
      {{ failure }} <RouterLink :to="`/axles/${axle.axleId}/match`">To the match table</RouterLink>
    </p>
    <p v-else-if="isLoading && !order" class="soft">Fetching the sheet …</p>
    <template v-if="order">
      <OverturnedAlarm
        :alarms="order.alarms"
        what="The order was placed by verdicts that do not hold any more"
      />
      <section class="sheet gate" :class="order.gate.toLowerCase()">
        <h2>
          <VerdictMark :verdict="order.verdict" :size="24" />
          <span>{{ order.kit }} · {{ order.kitName }}: {{ toVerdictWord(order.verdict) }}</span>
        </h2>
        <p class="state">{{ order.gateText }}</p>
        <p v-if="order.signature" class="small">
          {{ order.signature.by }}, {{ toTime(order.signature.at) }}: “{{ order.signature.reason }}”
        </p>
        <p v-if="order.selection !== order.kit" class="small">Chosen: {{ order.selection }}</p>
        <p v-if="order.newerEdition" class="caution">{{ order.newerEdition }}</p>
        <p v-if="order.placedAt" class="state">
          Ordered {{ toTime(order.placedAt) }} by {{ order.placedBy }}.
        </p>
        <FindingText v-for="f in order.holding" :key="f.check + f.side" :finding="f" />
        <div v-if="order.brakes.length" class="brakes">
          <h3>Brakes of the vehicle as planned</h3>
          <OpenBrakes :findings="order.brakes" />
          <RouterLink class="button" :to="`/jobs/${order.jobId}/brakes`">Look at the brakes</RouterLink>
        </div>
        <form v-if="order.signable && session.isLead" class="sign" @submit.prevent="onSign">
          <div class="field">
            <label for="reason">Reason for ordering all the same</label>
            <Textarea id="reason" v-model="reason" rows="2" maxlength="500" auto-resize />
          </div>
          <Button type="submit" label="Sign by name" severity="secondary" outlined :loading="isBusy" />
        </form>
        <p v-else-if="order.signable" class="soft">Only a lead may sign.</p>
        <p v-if="problem" class="failure" role="alert">{{ problem }}</p>
      </section>

      <section v-if="order.earlierOrders.length" class="earlier">
        <h2>Ordered before, for something else</h2>
        <ul>
          <li v-for="e in order.earlierOrders" :key="e.at">
            {{ e.what }}, {{ toPrice(e.totalCents, order.currency) }}: ordered {{ toTime(e.at) }} by
            {{ e.by }}. It stands until it is cancelled with the supplier.
          </li>
        </ul>
      </section>

      <SupplierOrders v-if="order.placedAt" :key="order.placedAt" :axle-id="axle.axleId" />
      <SupplierOffers v-else :axle-id="axle.axleId" />
      <UnpackBench v-if="order.placedAt" :axle-id="axle.axleId" @changed="load" />

      <FullCost :key="order.seal" :axle-id="axle.axleId" :currency="order.currency" />

      <section v-for="[supplier, lines] in bySupplier" :key="supplier" class="supplier">
        <h2>{{ supplier }}</h2>
        <table class="plain lines">
          <thead>
            <tr>
              <th scope="col">What</th>
              <th scope="col">Kind</th>
              <th scope="col" class="right">Days</th>
              <th scope="col" class="right">Quantity</th>
              <th scope="col" class="right">Each</th>
              <th scope="col" class="right">Total</th>
            </tr>
          </thead>
          <tbody>
            <tr v-for="line in lines" :key="line.item">
              <td>
                {{ line.item }}<br /><span class="small soft">{{ line.remark }}</span>
              </td>
              <td>{{ KINDS[line.kind] }}</td>
              <td class="right figures">{{ line.leadDays }}</td>
              <td class="right figures">{{ line.quantity }}</td>
              <td class="right figures">{{ toPrice(line.unitCents, order.currency) }}</td>
              <td class="right figures">{{ toPrice(line.totalCents, order.currency) }}</td>
            </tr>
          </tbody>
        </table>
      </section>
      <p class="total">
        <span>Total, last delivery after {{ order.leadDays }} working days</span>
        <strong class="figures">{{ toPrice(order.totalCents, order.currency) }}</strong>
      </p>
      <p v-if="order.taxPercent > 0" class="total">
        <span>With {{ order.taxPercent }} % tax</span>
        <strong class="figures">{{
          toPrice(order.totalCents + Math.round((order.totalCents * order.taxPercent) / 100), order.currency)
        }}</strong>
      </p>
      <p class="caution small">
        Not checked by the program, check by hand before ordering: {{ order.notChecked.join("; ") }}. Local
        rules, inspection and licensed practice come first.
      </p>
      <div v-if="session.mayChange && !order.placedAt" class="place no-print">
        <Button label="Place the order" :disabled="!mayOrder" :loading="isBusy" @click="onPlace" />
        <span v-if="!mayOrder" class="soft">Held: {{ order.gateText }}</span>
      </div>
    </template>
  </div>
</template>

<style scoped>
.gate {
  padding: 0.9rem 1.1rem;
  border-left: 6px solid var(--good);
}

.gate.held {
  border-left-color: var(--open);
  border-left-style: dashed;
}

.gate.shut {
  border-left-color: var(--bad);
}

.gate h2 {
  display: flex;
  align-items: center;
  gap: 0.6rem;
}

.state {
  font-size: 1.15rem;
  margin: 0.4rem 0;
}

.sign {
  display: flex;
  gap: 1rem;
  align-items: end;
}

.sign .field {
  flex: 1;
}

.supplier {
  margin-top: 1.2rem;
}

.lines {
  table-layout: fixed;
}

.lines th:nth-child(2) {
  width: 9rem;
}

.lines th:nth-child(3),
.lines th:nth-child(4) {
  width: 6rem;
}

.lines th:nth-child(5),
.lines th:nth-child(6) {
  width: 9rem;
}

td.right,
th.right {
  text-align: right;
}

.total {
  display: flex;
  justify-content: space-between;
  border-top: 2px solid var(--ink);
  padding: 0.6rem;
  font-size: 1.25rem;
}

.place {
  display: flex;
  align-items: center;
  gap: 1rem;
}
</style>
