<script setup lang="ts">
import { ref } from "vue";
import { client, toData, type Schemas } from "../../api/client";
import { toMessage } from "../../shell/useLoad";
import { toTime } from "../../units/format";

/** What suppliers' services say of the lines now: asked all at once, each with its time. */
const { axleId } = defineProps<{ axleId: number }>();
const offers = ref<Schemas["OfferView"][]>();
const isAsking = ref(false);
const problem = ref("");

async function onAsk() {
  isAsking.value = true;
  problem.value = "";
  try {
    offers.value = await toData(client.GET("/api/axles/{axleId}/offers", { params: { path: { axleId } } }));
  } catch (e) {
    problem.value = toMessage(e);
  } finally {
    isAsking.value = false;
  }
}
</script>

<template>
  <section class="no-print" aria-label="Suppliers asked">
    <button type="button" class="plain-button" :disabled="isAsking" @click="onAsk">
      {{ isAsking ? "Asking the suppliers …" : "Ask the suppliers what they have" }}
    </button>
    <p v-if="problem" class="failure" role="alert">{{ problem }}</p>
    <p v-if="offers && !offers.length" class="soft">No supplier of these lines has a service.</p>
    <table v-else-if="offers" class="plain sheet">
      <thead>
        <tr>
          <th scope="col">What</th>
          <th scope="col">Supplier</th>
          <th scope="col">In stock</th>
          <th scope="col">Asked</th>
        </tr>
      </thead>
      <tbody>
        <tr v-for="(o, i) in offers" :key="i">
          <th scope="row">{{ o.item }}</th>
          <td>{{ o.supplier }}</td>
          <td>
            {{ o.stock ?? "not told"
            }}<template v-if="o.said"
              ><br /><span class="small">{{ o.said }}</span></template
            >
          </td>
          <td>{{ toTime(o.at) }}</td>
        </tr>
      </tbody>
    </table>
  </section>
</template>

<style scoped>
section {
  margin-top: 0.8rem;
}
</style>
