<script setup lang="ts">
import Button from "primevue/button";
import InputText from "primevue/inputtext";
import { reactive, ref } from "vue";
import { useRouter } from "vue-router";
import { client, toData, type Schemas } from "../../api/client";
import { useSession } from "../../shell/session";
import { toMessage } from "../../shell/useLoad";
import NewPassword from "../people/NewPassword.vue";
import DoorSheet from "./DoorSheet.vue";

/** The first start of an own shop: its name and its first lead, by whoever has the launcher's one-time code. */
const session = useSession();
const router = useRouter();
const form = reactive<Schemas["SetupRequest"]>({
  code: "",
  shop: "",
  name: "",
  login: "",
  password: "",
  units: "METRIC",
});
const failure = ref("");
const isBusy = ref(false);

async function onSubmit() {
  isBusy.value = true;
  failure.value = "";
  try {
    const { login } = await toData(client.POST("/api/setup", { body: form }));
    await session.signIn(login, form.password);
    await router.push("/floor");
  } catch (e) {
    failure.value = toMessage(e);
  } finally {
    isBusy.value = false;
  }
}
</script>

<template>
  <DoorSheet v-if="session.view?.fresh" title="Open the shop" width="40rem" @submit="onSubmit">
    <p class="soft">
      Nobody is known here yet. You become the lead: you may sign for what is not proven, keep the catalogue
      and let others in.
    </p>
    <div class="field">
      <label for="code">One-time code, printed by <code>./itrova start</code></label>
      <InputText id="code" v-model="form.code" autocomplete="off" autofocus required maxlength="60" />
    </div>
    <div class="field">
      <label for="shop">Name of the shop, as it stands on papers</label>
      <InputText id="shop" v-model="form.shop" required maxlength="120" />
    </div>
    <div class="two">
      <div class="field">
        <label for="name">Your name</label>
        <InputText id="name" v-model="form.name" autocomplete="name" required maxlength="120" />
      </div>
      <div class="field">
        <label for="login">Sign-in name</label>
        <InputText id="login" v-model="form.login" autocomplete="username" required maxlength="40" />
      </div>
    </div>
    <div class="two">
      <NewPassword id="password" v-model="form.password" label="Password" />
      <fieldset class="units">
        <legend>Units you read in</legend>
        <label><input v-model="form.units" type="radio" value="METRIC" /> mm</label>
        <label><input v-model="form.units" type="radio" value="INCH" /> inches</label>
      </fieldset>
    </div>
    <p v-if="failure" class="failure" role="alert">{{ failure }}</p>
    <Button type="submit" label="Open the shop" :loading="isBusy" />
  </DoorSheet>
  <DoorSheet v-else title="The shop is open already" width="40rem">
    <p><RouterLink to="/sign-in">Sign in</RouterLink></p>
  </DoorSheet>
</template>

<style scoped>
.two {
  display: grid;
  grid-template-columns: 1fr 1fr;
  gap: 1rem;
}

.units {
  border: 0;
  margin: 0;
  padding: 0;
  display: flex;
  flex-wrap: wrap;
  gap: 1.2rem;
  align-items: center;
}

.units legend {
  padding: 0;
  font-weight: 600;
}

.units label {
  display: inline-flex;
  gap: 0.4rem;
  align-items: center;
  min-height: 44px;
}

@media (max-width: 600px) {
  .two {
    grid-template-columns: 1fr;
  }
}
</style>
