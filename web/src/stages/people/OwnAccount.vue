<script setup lang="ts">
import Button from "primevue/button";
import InputText from "primevue/inputtext";
import { useToast } from "primevue/usetoast";
import { ref } from "vue";
import { useSession } from "../../shell/session";
import { toMessage } from "../../shell/useLoad";
import NewPassword from "./NewPassword.vue";
import SignedIn from "./SignedIn.vue";
import { toRoleWord } from "./words";

/** The own password, and where one is signed in. */
const session = useSession();
const toast = useToast();
const old = ref("");
const fresh = ref("");
const again = ref("");
const failure = ref("");
const isBusy = ref(false);

async function onSubmit() {
  failure.value = "";
  if (fresh.value !== again.value) {
    failure.value = "The new password was not typed the same twice. Type it again.";
    return;
  }
  isBusy.value = true;
  try {
    await session.setPassword(old.value, fresh.value);
    old.value = fresh.value = again.value = "";
    toast.add({
      severity: "success",
      summary: "Password changed",
      detail: "Wherever else you were signed in, you are signed out.",
      life: 6000,
    });
  } catch (e) {
    failure.value = toMessage(e);
  } finally {
    isBusy.value = false;
  }
}
</script>

<template>
  <div class="page">
    <div class="page-head">
      <h1>{{ session.view?.name }}</h1>
      <p v-if="session.view?.role" class="soft">
        signs in as {{ session.view.login }}, {{ toRoleWord(session.view.role) }}
      </p>
    </div>
    <div class="columns">
      <form class="sheet" @submit.prevent="onSubmit">
        <h2>Change your password</h2>
        <div class="field">
          <label for="old">Present password</label>
          <InputText id="old" v-model="old" type="password" autocomplete="current-password" required />
        </div>
        <NewPassword id="fresh" v-model="fresh" label="New password" />
        <div class="field">
          <label for="again">New password once more</label>
          <InputText id="again" v-model="again" type="password" autocomplete="new-password" required />
        </div>
        <p v-if="failure" class="failure" role="alert">{{ failure }}</p>
        <Button type="submit" label="Change it" :loading="isBusy" />
      </form>
      <SignedIn />
    </div>
  </div>
</template>

<style scoped>
.columns {
  display: grid;
  grid-template-columns: minmax(18rem, 24rem) 1fr;
  gap: 1.6rem;
  align-items: start;
}

form {
  padding: 1.1rem 1.3rem;
  display: flex;
  flex-direction: column;
  gap: 0.9rem;
}

p {
  margin: 0;
}

@media (max-width: 800px) {
  .columns {
    grid-template-columns: 1fr;
  }
}
</style>
