<script setup lang="ts">
import { computed, onBeforeUnmount, reactive, ref, watch } from "vue";
import { client, toData, type Schemas } from "../../api/client";
import { useSession } from "../../shell/session";
import { toMessage, useLoad } from "../../shell/useLoad";
import { toPrice, toTime } from "../../units/format";

/** What went to each supplier and how it stands; parcels are counted here, line by line. */
const { axleId } = defineProps<{ axleId: number }>();
const session = useSession();
const path = { axleId };
const {
  data: orders,
  failure,
  load,
} = useLoad(() => toData(client.GET("/api/axles/{axleId}/supplier-orders", { params: { path } })));
const problem = ref("");

type Row = Schemas["SupplierOrderView"];
const STATES: Record<Row["order"]["state"], string> = {
  WAITING: "waits to be sent",
  BY_HAND: "to be sent on paper",
  SENT: "sent on paper",
  CONFIRMED: "confirmed",
  PARTLY_CONFIRMED: "confirmed in part",
  REFUSED: "a person must look",
  CANCELLED: "cancelled",
  PARTLY_DELIVERED: "came in part",
  DELIVERED: "all came",
  RETURNED: "all went back",
};

// while something waits, it is looked at again
let timer: ReturnType<typeof setTimeout> | undefined;
const isWaiting = computed(() => orders.value?.some((o) => o.order.state === "WAITING") ?? false);
watch(orders, () => {
  clearTimeout(timer);
  if (isWaiting.value) timer = setTimeout(() => void load(), 1500);
});
onBeforeUnmount(() => clearTimeout(timer));

async function act(step: () => Promise<Row[]>) {
  problem.value = "";
  try {
    orders.value = await step();
    return true;
  } catch (e) {
    problem.value = toMessage(e);
    await load();
    return false;
  }
}

const onSent = (o: Row) =>
  act(() =>
    toData(
      client.POST("/api/axles/{axleId}/supplier-orders/{id}/sent", {
        params: { path: { axleId, id: o.id } },
        body: { version: o.version },
      }),
    ),
  );
const onCancel = (o: Row) =>
  act(() =>
    toData(
      client.POST("/api/axles/{axleId}/supplier-orders/{id}/cancelled", {
        params: { path: { axleId, id: o.id } },
        body: { version: o.version },
      }),
    ),
  );

const counts = reactive<Record<string, { whole: number | ""; damaged: number | ""; lot: string }>>({});
const toCount = (o: Row, line: number) => (counts[`${o.id} ${line}`] ??= { whole: "", damaged: "", lot: "" });

async function onCame(o: Row, line: number) {
  const count = toCount(o, line);
  const isDone = await act(() =>
    toData(
      client.POST("/api/axles/{axleId}/supplier-orders/{id}/received", {
        params: { path: { axleId, id: o.id } },
        body: {
          version: o.version,
          line,
          whole: Number(count.whole),
          damaged: Number(count.damaged),
          lot: count.lot,
        },
      }),
    ),
  );
  if (isDone) Object.assign(count, { whole: "", damaged: "", lot: "" });
}

const onAllCame = (o: Row) =>
  act(() =>
    toData(
      client.POST("/api/axles/{axleId}/supplier-orders/{id}/all-received", {
        params: { path: { axleId, id: o.id } },
        body: { version: o.version },
      }),
    ),
  );

/** The line something of goes back, and how many. */
const back = reactive({ key: "", whole: 0, damaged: 0, replaced: true });
function onBack(o: Row, i: number) {
  const l = o.order.lines[i];
  Object.assign(back, { key: `${o.id} ${i}`, whole: 0, damaged: l?.damaged ?? 0, replaced: true });
}
async function onSendBack(o: Row, line: number) {
  const isDone = await act(() =>
    toData(
      client.POST("/api/axles/{axleId}/supplier-orders/{id}/sent-back", {
        params: { path: { axleId, id: o.id } },
        body: {
          version: o.version,
          line,
          whole: Number(back.whole),
          damaged: Number(back.damaged),
          replaced: back.replaced,
        },
      }),
    ),
  );
  if (isDone) back.key = "";
}

const mayCount = (o: Row) =>
  session.mayChange && !["WAITING", "BY_HAND", "CANCELLED", "RETURNED"].includes(o.order.state);
const isUntouched = (o: Row) => o.order.lines.every((l) => l.received + l.damaged === 0);
</script>

<template>
  <section v-if="orders?.length || failure" aria-label="Orders to suppliers">
    <h2>At the suppliers</h2>
    <p v-if="failure || problem" class="failure" role="alert">{{ failure || problem }}</p>
    <div v-for="o in orders ?? []" :key="o.id" class="sheet order">
      <p class="head">
        <strong>{{ o.order.supplier }}</strong>
        <span class="state" :class="o.order.state.toLowerCase()">{{ STATES[o.order.state] }}</span>
        <span v-if="o.order.number" class="soft">number {{ o.order.number }}</span>
        <span v-if="o.order.state === 'WAITING' && o.attempts" class="soft"
          >tried {{ o.attempts }} times</span
        >
        <span class="soft">{{ toTime(o.changedAt) }}</span>
      </p>
      <p v-if="o.order.said" class="caution small">{{ o.order.said }}</p>
      <div
        class="scroll"
        tabindex="0"
        role="region"
        :aria-label="`Lines of the order to ${o.order.supplier}`"
      >
        <table class="plain">
          <thead>
            <tr>
              <th scope="col">What</th>
              <th scope="col" class="right">Ordered</th>
              <th scope="col" class="right">Confirmed</th>
              <th scope="col" class="right">Later</th>
              <th scope="col" class="right">Came whole</th>
              <th scope="col" class="right">Damaged</th>
              <th scope="col" class="right">Each</th>
              <th v-if="mayCount(o)" scope="col">Out of the parcel</th>
            </tr>
          </thead>
          <tbody>
            <tr v-for="(l, i) in o.order.lines" :key="i">
              <th scope="row">
                {{ l.item }}<span v-if="l.lots?.length" class="small soft"> lot {{ l.lots.join(", ") }}</span>
              </th>
              <td class="right figures">{{ l.ordered }}</td>
              <td class="right figures">{{ l.confirmed }}</td>
              <td class="right figures">{{ l.backOrdered }}</td>
              <td class="right figures">{{ l.received }}</td>
              <td class="right figures">{{ l.damaged }}</td>
              <td class="right figures">{{ toPrice(l.confirmedCents, o.order.currency) }}</td>
              <td v-if="mayCount(o)">
                <form
                  v-if="l.received + (l.goneBack ?? 0) < l.ordered"
                  class="count"
                  @submit.prevent="onCame(o, i)"
                >
                  <input
                    v-model.number="toCount(o, i).whole"
                    type="number"
                    min="0"
                    :placeholder="String(l.ordered - l.received - (l.goneBack ?? 0))"
                    :aria-label="`${l.item}: came whole`"
                  />
                  <input
                    v-model.number="toCount(o, i).damaged"
                    type="number"
                    min="0"
                    placeholder="0"
                    :aria-label="`${l.item}: came damaged`"
                  />
                  <input
                    v-model="toCount(o, i).lot"
                    type="text"
                    maxlength="40"
                    placeholder="lot"
                    :aria-label="`${l.item}: lot or date stamped on it`"
                  />
                  <button type="submit" class="plain-button" :aria-label="`Count ${l.item}`">Count</button>
                </form>
                <span v-else>✓</span>
                <form v-if="back.key === `${o.id} ${i}`" class="count" @submit.prevent="onSendBack(o, i)">
                  <span class="small soft">back, whole and damaged</span>
                  <input
                    v-model.number="back.whole"
                    type="number"
                    min="0"
                    :max="l.received"
                    :aria-label="`${l.item}: whole ones that go back`"
                  />
                  <input
                    v-model.number="back.damaged"
                    type="number"
                    min="0"
                    :max="l.damaged"
                    :aria-label="`${l.item}: damaged ones that go back`"
                  />
                  <select v-model="back.replaced" :aria-label="`${l.item}: what comes for it`">
                    <option :value="true">replaced</option>
                    <option :value="false">paid back</option>
                  </select>
                  <button type="submit" class="plain-button">Went back</button>
                </form>
                <button
                  v-else-if="l.received + l.damaged > 0"
                  type="button"
                  class="plain-button"
                  :aria-label="`Send back ${l.item}`"
                  @click="onBack(o, i)"
                >
                  Send back
                </button>
              </td>
            </tr>
          </tbody>
        </table>
      </div>
      <p v-if="session.mayChange" class="acts no-print">
        <button
          v-if="o.order.state === 'BY_HAND' || o.order.state === 'REFUSED'"
          type="button"
          class="plain-button"
          @click="onSent(o)"
        >
          Sent on paper to {{ o.order.supplier }}
        </button>
        <button
          v-if="mayCount(o) && o.order.state !== 'DELIVERED'"
          type="button"
          class="plain-button"
          @click="onAllCame(o)"
        >
          Counted: all from {{ o.order.supplier }} came whole
        </button>
        <button
          v-if="o.order.state !== 'CANCELLED' && isUntouched(o)"
          type="button"
          class="plain-button"
          @click="onCancel(o)"
        >
          Mark as cancelled with {{ o.order.supplier }}
        </button>
      </p>
    </div>
  </section>
</template>

<style scoped>
.order {
  padding: 0.6rem 1rem;
  margin-bottom: 0.8rem;
}

.head {
  display: flex;
  flex-wrap: wrap;
  gap: 0.9rem;
  align-items: baseline;
  margin: 0 0 0.4rem;
  font-size: 1.15rem;
}

.state {
  font-weight: 600;
}

.state.refused {
  color: var(--bad);
}

.state.delivered,
.state.confirmed {
  color: var(--good);
}

.scroll {
  overflow-x: auto;
}

.right {
  text-align: right;
}

.count,
.acts {
  display: flex;
  gap: 0.4rem;
  margin: 0.3rem 0;
}

.acts {
  flex-wrap: wrap;
}

.order td {
  vertical-align: middle;
}

h2 {
  margin: 1rem 0 0.4rem;
}

.count {
  flex-wrap: wrap;
  align-items: center;
}

.count span {
  flex: 1 1 100%;
}

.count select {
  font: inherit;
  min-height: 44px;
}

.count input {
  font: inherit;
  width: 3.6rem;
  min-height: 44px;
  padding: 0 0.4rem;
  border: 1px solid var(--ink-soft);
  background: var(--sheet);
  color: var(--ink);
}
</style>
