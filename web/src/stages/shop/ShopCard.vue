<script setup lang="ts">
import { useToast } from "primevue/usetoast";
import { onMounted, ref } from "vue";
import { RouterLink } from "vue-router";
import { client, sendBody, toData, type Schemas } from "../../api/client";
import { useSession } from "../../shell/session";
import { toMessage } from "../../shell/useLoad";

/** The shop as it stands on papers and as it reckons, and where its suppliers' services answer. */
const session = useSession();
const toast = useToast();
const shop = ref<Schemas["ShopSettingsForm"]>();
const rate = ref("");
const tools = ref<Schemas["SpecialToolView"][]>([]);
const suppliers = ref<Schemas["SupplierView"][]>([]);
const fresh = ref("");
const problem = ref("");

function take(now: Schemas["ShopSettingsForm"]) {
  shop.value = now;
  rate.value = (now.rateCents / 100).toFixed(2);
}

onMounted(async () => {
  try {
    take(await toData(client.GET("/api/shop")));
    tools.value = await toData(client.GET("/api/shop/special-tools"));
    suppliers.value = await toData(client.GET("/api/suppliers"));
  } catch (e) {
    problem.value = toMessage(e);
  }
});

async function onSave() {
  if (!shop.value) return;
  problem.value = "";
  const amount = Number(rate.value.trim().replace(",", "."));
  if (!rate.value.trim() || !Number.isFinite(amount)) {
    problem.value = `Own hour: “${rate.value}” is no amount. Write it like 60.00.`;
    return;
  }
  try {
    take(
      await toData(client.PUT("/api/shop", { body: { ...shop.value, rateCents: Math.round(amount * 100) } })),
    );
    await session.load();
    toast.add({ severity: "success", summary: "Kept; papers and costs use it from now on", life: 4000 });
  } catch (e) {
    problem.value = toMessage(e);
  }
}

/** Shown until it turns out that there is none. */
const hasLogo = ref(true);
const logoTurn = ref(0);
async function onLogo(picker: HTMLInputElement) {
  const file = picker.files?.[0];
  picker.value = "";
  if (!file) return;
  problem.value = "";
  try {
    await sendBody("/api/shop/logo", file.type, file);
    logoTurn.value++;
    hasLogo.value = true;
  } catch (e) {
    problem.value = toMessage(e);
  }
}
async function onLogoOff() {
  problem.value = "";
  try {
    await toData(client.DELETE("/api/shop/logo"));
    hasLogo.value = false;
  } catch (e) {
    problem.value = toMessage(e);
  }
}

async function onSupplier(s: Schemas["SupplierView"], address: string) {
  problem.value = "";
  try {
    suppliers.value = await toData(
      client.PUT("/api/suppliers", { body: { name: s.name, address, version: s.version } }),
    );
    fresh.value = "";
  } catch (e) {
    problem.value = toMessage(e);
    suppliers.value = await toData(client.GET("/api/suppliers"));
  }
}
</script>

<template>
  <section v-if="shop">
    <h2>The shop</h2>
    <p v-if="problem" class="failure" role="alert">{{ problem }}</p>
    <form class="sheet grid" @submit.prevent="onSave">
      <label>Name on papers <input v-model="shop.name" maxlength="120" :disabled="!session.isLead" /></label>
      <label class="wide"
        >Address <input v-model="shop.address" maxlength="300" :disabled="!session.isLead"
      /></label>
      <label class="short"
        >Currency <input v-model="shop.currency" maxlength="3" :disabled="!session.isLead"
      /></label>
      <label class="short"
        >Tax on top, %
        <input
          v-model.number="shop.taxPercent"
          type="number"
          min="0"
          max="60"
          step="0.01"
          :disabled="!session.isLead"
      /></label>
      <label class="short"
        >An own hour <input v-model="rate" maxlength="12" :disabled="!session.isLead"
      /></label>
      <fieldset>
        <legend>Tools it has, of those not every shop has</legend>
        <label v-for="t in tools" :key="t.name" class="tool" :title="t.ways">
          <input v-model="shop.tools" type="checkbox" :value="t.name" :disabled="!session.isLead" />
          {{ t.name }}
        </label>
      </fieldset>
      <button v-if="session.isLead" type="submit" class="plain-button">Keep</button>
    </form>
    <p class="small soft">
      Working hours, stands, presses and welders are kept with the
      <RouterLink to="/week">week</RouterLink>, what stands on the shelf with the
      <RouterLink to="/parts/shelf">parts</RouterLink>, what suppliers ask with their
      <RouterLink to="/parts/lists">price lists</RouterLink>.
    </p>
    <h3>Mark on papers</h3>
    <div class="sheet mark">
      <img
        v-if="hasLogo"
        :src="`/api/shop/logo?${logoTurn}`"
        alt="The shop’s mark"
        @error="hasLogo = false"
      />
      <p v-else class="soft">None. Offers, orders and claims carry the name alone.</p>
      <template v-if="session.isLead">
        <label class="plain-button pick"
          >{{ hasLogo ? "Another picture" : "Put one on"
          }}<input
            type="file"
            accept="image/png,image/jpeg"
            class="visually-hidden"
            aria-label="Picture of the shop’s mark"
            @change="onLogo($event.target as HTMLInputElement)"
        /></label>
        <button v-if="hasLogo" type="button" class="plain-button" @click="onLogoOff">Take it off</button>
      </template>
    </div>
    <h3>Suppliers</h3>
    <p class="small soft">
      With the address of a service an order is sent by itself, once; without one it goes out on paper.
    </p>
    <table class="plain sheet">
      <thead>
        <tr>
          <th scope="col">Supplier</th>
          <th scope="col">Its service answers at</th>
        </tr>
      </thead>
      <tbody>
        <tr v-for="s in suppliers" :key="s.name">
          <th scope="row">{{ s.name }}</th>
          <td>
            <input
              :value="s.address"
              maxlength="200"
              placeholder="on paper"
              :disabled="!session.isLead"
              :aria-label="`Address of the service of ${s.name}`"
              @change="onSupplier(s, ($event.target as HTMLInputElement).value)"
            />
          </td>
        </tr>
        <tr v-if="session.isLead">
          <td>
            <input
              v-model="fresh"
              maxlength="80"
              placeholder="another supplier"
              aria-label="Another supplier"
            />
          </td>
          <td>
            <button
              type="button"
              class="plain-button"
              :disabled="!fresh.trim()"
              @click="onSupplier({ name: fresh.trim(), address: '', version: 0 }, '')"
            >
              Add
            </button>
          </td>
        </tr>
      </tbody>
    </table>
  </section>
</template>

<style scoped>
.grid {
  display: flex;
  flex-wrap: wrap;
  gap: 0.8rem;
  align-items: end;
  padding: 0.8rem 1rem;
}

label {
  display: flex;
  flex-direction: column;
  width: 14rem;
}

h3 {
  margin: 1rem 0 0.2rem;
}

section {
  margin-bottom: 1.4rem;
}

.wide {
  width: 24rem;
}

.short {
  width: 8rem;
}

.mark {
  display: flex;
  flex-wrap: wrap;
  gap: 1rem;
  align-items: center;
  padding: 0.6rem 1rem;
}

.mark img {
  max-width: 220px;
  max-height: 90px;
}

.mark p {
  margin: 0;
}

.pick {
  display: inline-flex;
  flex-direction: row;
  width: auto;
  align-items: center;
  cursor: pointer;
}

.pick:focus-within {
  outline: 3px solid var(--accent);
}

fieldset {
  display: flex;
  flex-wrap: wrap;
  gap: 0 1.2rem;
  flex: 1 1 100%;
  border: 1px solid var(--line);
  margin: 0;
}

.tool {
  flex-direction: row;
  gap: 0.4rem;
  align-items: center;
  width: 12rem;
  min-height: 44px;
}

.tool input {
  width: 22px;
  min-height: 22px;
}

input {
  font: inherit;
  min-height: 44px;
  padding: 0 0.5rem;
  border: 1px solid var(--ink-soft);
  background: var(--sheet);
  color: var(--ink);
  width: 100%;
}
</style>
