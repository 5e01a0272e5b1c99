/*
 * Keeps the pages themselves, so that a page that was open opens again without a connection. What the server knows is never kept
 * here: every question under /api goes out, or fails.
 */
const STORE = "itrova-pages";

self.addEventListener("install", () => self.skipWaiting());
self.addEventListener("activate", (event) => event.waitUntil(self.clients.claim()));

/** From the server, and kept; from what was kept where the server is not reached. */
async function newest(request, key) {
  const store = await caches.open(STORE);
  try {
    const answer = await fetch(request);
    if (answer.ok) await store.put(key, answer.clone());
    return answer;
  } catch (e) {
    const kept = await store.match(key);
    if (kept) return kept;
    throw e;
  }
}

/** Parts of a page bear their content in their names: what was kept is what the server has. */
async function kept(request) {
  const store = await caches.open(STORE);
  const found = await store.match(request);
  if (found) return found;
  const answer = await fetch(request);
  if (answer.ok) await store.put(request, answer.clone());
  return answer;
}

self.addEventListener("fetch", (event) => {
  const url = new URL(event.request.url);
  if (event.request.method !== "GET" || url.origin !== location.origin || url.pathname.startsWith("/api/")) return;
  if (event.request.mode === "navigate") event.respondWith(newest(event.request, "/"));
  else if (url.pathname.startsWith("/assets/")) event.respondWith(kept(event.request));
  else event.respondWith(newest(event.request, event.request));
});
