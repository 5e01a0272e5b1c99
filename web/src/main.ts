import "@fontsource/barlow/latin-400.css";
import "@fontsource/barlow/latin-600.css";
import "@fontsource/barlow-semi-condensed/latin-400.css";
import "@fontsource/barlow-semi-condensed/latin-600.css";
import "./shell/style.css";
import { createPinia } from "pinia";
import PrimeVue from "primevue/config";
import ToastService from "primevue/toastservice";
import { createApp } from "vue";
import { whenSignedOut } from "./api/client";
import App from "./shell/App.vue";
import { router } from "./shell/router";
import { useSession } from "./shell/session";
import { theme } from "./shell/theme";

const app = createApp(App);
app.use(createPinia());
app.use(PrimeVue, { theme: { preset: theme, options: { darkModeSelector: ".dark", cssLayer: false } } });
app.use(ToastService);

const session = useSession();
whenSignedOut(() => {
  if (session.view)
    session.view = {
      demo: session.view.demo,
      fresh: session.view.fresh,
      shop: session.view.shop,
      currency: session.view.currency,
    };
});

await session.load().catch(() => undefined);
app.use(router);
await router.isReady();
app.mount("#app");

// without it a page that is open cannot be opened again while there is no connection
if (import.meta.env.PROD) void navigator.serviceWorker?.register("/offline.js").catch(() => undefined);
