<script setup lang="ts">
import { ref } from "vue";
import { client, toData, type Schemas } from "../../api/client";
import { toMessage, useLoad } from "../../shell/useLoad";
import { toTime } from "../../units/format";

/** Where people are signed in: one's own sign-ins, or everybody's for a lead. */
const { data: sessions, failure } = useLoad(() => toData(client.GET("/api/sessions")));
const problem = ref("");

async function onEnd(session: Schemas["SignedInView"]) {
  problem.value = "";
  try {
    sessions.value = await toData(
      client.DELETE("/api/sessions/{key}", { params: { path: { key: session.key } } }),
    );
  } catch (e) {
    problem.value = toMessage(e);
  }
}
</script>

<template>
  <section>
    <h2>Signed in</h2>
    <p v-if="failure || problem" class="failure" role="alert">{{ failure || problem }}</p>
    <table class="plain sheet">
      <thead>
        <tr>
          <th scope="col">Sign-in name</th>
          <th scope="col">Since</th>
          <th scope="col">Last seen</th>
          <th scope="col"><span class="visually-hidden">End</span></th>
        </tr>
      </thead>
      <tbody>
        <tr v-for="s in sessions" :key="s.key">
          <td>{{ s.login }} <strong v-if="s.here" class="small">here</strong></td>
          <td class="figures">{{ toTime(s.begun) }}</td>
          <td class="figures">{{ toTime(s.lastSeen) }}</td>
          <td class="end">
            <button
              v-if="!s.here"
              type="button"
              class="plain-button"
              :aria-label="`End the sign-in of ${s.login} of ${toTime(s.begun)}`"
              @click="onEnd(s)"
            >
              End it
            </button>
          </td>
        </tr>
      </tbody>
    </table>
  </section>
</template>

<style scoped>
h2 {
  margin-bottom: 0.5rem;
}

.end {
  text-align: right;
}

td {
  vertical-align: middle;
}

td {
  height: 52px;
}
</style>
