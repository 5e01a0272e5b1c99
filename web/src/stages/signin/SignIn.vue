<script setup lang="ts">
import Button from "primevue/button";
import InputText from "primevue/inputtext";
import { ref } from "vue";
import { useRoute, useRouter } from "vue-router";
import { useSession } from "../../shell/session";
import { toMessage } from "../../shell/useLoad";
import DoorSheet from "./DoorSheet.vue";

const session = useSession();
const route = useRoute();
const router = useRouter();
const login = ref("");
const password = ref("");
const failure = ref("");
const isBusy = ref(false);

async function onSubmit() {
  isBusy.value = true;
  failure.value = "";
  try {
    await session.signIn(login.value.trim(), password.value);
    const to = String(route.query.to ?? "/floor");
    await router.push(to.startsWith("/") && !to.startsWith("//") ? to : "/floor");
  } catch (e) {
    failure.value = toMessage(e);
  } finally {
    isBusy.value = false;
  }
}
</script>

<template>
  <DoorSheet title="Itrova" width="26rem" @submit="onSubmit">
    <p class="soft">From a measured axle end to discs that fit.</p>
    <div class="field">
      <label for="login">Name</label>
      <InputText id="login" v-model="login" autocomplete="username" autofocus required />
    </div>
    <div class="field">
      <label for="password">Password</label>
      <InputText id="password" v-model="password" type="password" autocomplete="current-password" required />
    </div>
    <p v-if="failure" class="failure" role="alert">{{ failure }}</p>
    <Button type="submit" label="Sign in" :loading="isBusy" />
    <p v-if="session.view?.demo" class="small soft">
      Demo people: <strong>wilma</strong> (lead), <strong>tam</strong> (mechanic),
      <strong>jory</strong> (viewer). Password of all three: <strong>ambleford</strong>
    </p>
  </DoorSheet>
</template>
