<script setup lang="ts">
import Button from "primevue/button";
import Dialog from "primevue/dialog";
import InputText from "primevue/inputtext";
import { useToast } from "primevue/usetoast";
import { reactive, ref, watch } from "vue";
import { client, toData, type Schemas } from "../../api/client";
import { toMessage, useLoad } from "../../shell/useLoad";
import NewPassword from "./NewPassword.vue";
import SignedIn from "./SignedIn.vue";
import { ROLES, type Role } from "./words";

/** Who works here and what they may; where they are signed in. */
type Person = Schemas["PersonView"];

const toast = useToast();
const { data: people, failure } = useLoad(() => toData(client.GET("/api/people")));
const drafts = reactive<Record<number, { name: string; role: Role }>>({});
const problem = ref("");
const answered = ref<number | null>(null);
const fresh = reactive({ login: "", name: "", role: "MECHANIC" as Role, password: "" });
const addProblem = ref("");
const forgetful = ref<Person | null>(null);
const forgetfulPassword = ref("");
const passwordProblem = ref("");

/** What is being typed about somebody else stays when the list comes anew. */
watch(people, (now, before) => {
  now?.forEach((p) => {
    const row = before?.find((b) => b.id === p.id);
    if (row && p.id !== answered.value && isChanged(row)) return;
    drafts[p.id] = { name: p.name, role: p.role };
  });
});

async function save(person: Person, change: { name: string; role: Role; retired: boolean }, done: string) {
  problem.value = "";
  answered.value = person.id;
  try {
    people.value = await toData(
      client.PUT("/api/people/{id}", {
        params: { path: { id: person.id } },
        body: { version: person.version, ...change },
      }),
    );
    toast.add({ severity: "success", summary: done, life: 5000 });
  } catch (e) {
    // the list first: who reads the refusal may type at once, and that must not be overwritten
    people.value = await toData(client.GET("/api/people")).catch(() => people.value);
    problem.value = toMessage(e);
  }
}

function isChanged(person: Person) {
  const draft = drafts[person.id];
  return draft !== undefined && (draft.name !== person.name || draft.role !== person.role);
}

function onSave(person: Person) {
  const draft = drafts[person.id];
  if (draft) void save(person, { ...draft, retired: person.retired }, `${draft.name}: saved`);
}

function onRetire(person: Person) {
  const { name, role, retired } = person;
  void save(person, { name, role, retired: !retired }, retired ? `${name} is back` : `${name} is retired`);
}

function onForgotten(person: Person) {
  forgetful.value = person;
  forgetfulPassword.value = "";
  passwordProblem.value = "";
}

async function onPassword() {
  const person = forgetful.value;
  if (!person) return;
  try {
    await toData(
      client.PUT("/api/people/{id}/password", {
        params: { path: { id: person.id } },
        body: { password: forgetfulPassword.value },
      }),
    );
    forgetful.value = null;
    toast.add({ severity: "success", summary: `${person.name} has a new password`, life: 5000 });
  } catch (e) {
    passwordProblem.value = toMessage(e);
  }
}

async function onAdd() {
  addProblem.value = "";
  try {
    people.value = await toData(client.POST("/api/people", { body: { ...fresh } }));
    toast.add({ severity: "success", summary: `${fresh.name} may sign in as ${fresh.login}`, life: 6000 });
    Object.assign(fresh, { login: "", name: "", role: "MECHANIC", password: "" });
  } catch (e) {
    addProblem.value = toMessage(e);
  }
}
</script>

<template>
  <div class="page">
    <div class="page-head"><h1>People</h1></div>
    <p v-if="failure || problem" class="failure" role="alert">{{ failure || problem }}</p>
    <table class="plain sheet people">
      <thead>
        <tr>
          <th scope="col">Sign-in name</th>
          <th scope="col">Name</th>
          <th scope="col">Role</th>
          <th scope="col"><span class="visually-hidden">Change</span></th>
        </tr>
      </thead>
      <tbody>
        <tr v-for="p in people" :key="p.id" :class="{ retired: p.retired }">
          <td>{{ p.login }} <span v-if="p.retired" class="small">retired</span></td>
          <template v-if="drafts[p.id]">
            <td>
              <InputText v-model="drafts[p.id]!.name" :aria-label="`Name of ${p.login}`" maxlength="120" />
            </td>
            <td>
              <select v-model="drafts[p.id]!.role" :aria-label="`Role of ${p.login}`">
                <option v-for="r in ROLES" :key="r.role" :value="r.role">{{ r.word }}</option>
              </select>
            </td>
          </template>
          <td>
            <div class="ways">
              <button
                type="button"
                class="plain-button"
                :disabled="!isChanged(p)"
                :aria-label="`Save ${p.login}`"
                @click="onSave(p)"
              >
                Save
              </button>
              <button
                type="button"
                class="plain-button"
                :aria-label="`New password for ${p.login}`"
                @click="onForgotten(p)"
              >
                New password
              </button>
              <button
                type="button"
                class="plain-button"
                :aria-label="`${p.retired ? 'Take back' : 'Retire'} ${p.login}`"
                @click="onRetire(p)"
              >
                {{ p.retired ? "Take back" : "Retire" }}
              </button>
            </div>
          </td>
        </tr>
      </tbody>
    </table>
    <p class="small soft">
      <template v-for="(r, i) in ROLES" :key="r.role"
        ><template v-if="i">; </template><strong>{{ r.word }}</strong
        >: {{ r.may }}</template
      >. Who leaves is retired and stays in the record; whose role changes signs in anew.
    </p>
    <div class="columns">
      <form class="sheet" @submit.prevent="onAdd">
        <h2>Let somebody in</h2>
        <div class="field">
          <label for="name">Name</label>
          <InputText id="name" v-model="fresh.name" required maxlength="120" autocomplete="off" />
        </div>
        <div class="field">
          <label for="login">Sign-in name</label>
          <InputText id="login" v-model="fresh.login" required maxlength="40" autocomplete="off" />
        </div>
        <div class="field">
          <label for="role">Role</label>
          <select id="role" v-model="fresh.role">
            <option v-for="r in ROLES" :key="r.role" :value="r.role">{{ r.word }}</option>
          </select>
        </div>
        <NewPassword id="password" v-model="fresh.password" label="First password" />
        <p v-if="addProblem" class="failure" role="alert">{{ addProblem }}</p>
        <Button type="submit" label="Let in" />
      </form>
      <SignedIn />
    </div>
    <Dialog
      :visible="forgetful !== null"
      modal
      :header="`New password for ${forgetful?.name}`"
      :style="{ width: '28rem' }"
      @update:visible="forgetful = null"
    >
      <form class="plain-form" @submit.prevent="onPassword">
        <p class="soft">{{ forgetful?.name }} is signed out everywhere and signs in with the new one.</p>
        <NewPassword id="forgotten" v-model="forgetfulPassword" label="New password" />
        <p v-if="passwordProblem" class="failure" role="alert">{{ passwordProblem }}</p>
        <Button type="submit" label="Set it" />
      </form>
    </Dialog>
  </div>
</template>

<style scoped>
.columns {
  display: grid;
  grid-template-columns: minmax(18rem, 24rem) 1fr;
  gap: 1.6rem;
  align-items: start;
  margin-top: 1.2rem;
}

form {
  padding: 1.1rem 1.3rem;
  display: flex;
  flex-direction: column;
  gap: 0.8rem;
}

form p {
  margin: 0;
}

.plain-form {
  padding: 0;
}

.people {
  width: 100%;
}

.people td {
  vertical-align: middle;
}

.ways {
  display: flex;
  gap: 0.5rem;
  justify-content: flex-end;
}

.retired td:first-child {
  color: var(--ink-soft);
}

select {
  font: inherit;
  min-height: 44px;
  padding: 0 0.7rem;
  border: 1px solid var(--ink-soft);
  background: var(--sheet);
  color: var(--ink);
}

button:disabled {
  opacity: 0.5;
  cursor: default;
}

@media (max-width: 800px) {
  .columns {
    grid-template-columns: 1fr;
  }
}
</style>
