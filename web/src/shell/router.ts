import { createRouter, createWebHistory } from "vue-router";
import { useSession } from "./session";

export const router = createRouter({
  history: createWebHistory(),
  routes: [
    { path: "/", redirect: "/floor" },
    {
      path: "/sign-in",
      component: () => import("../stages/signin/SignIn.vue"),
      meta: { title: "Sign in", open: true },
    },
    {
      path: "/first-start",
      component: () => import("../stages/signin/FirstStart.vue"),
      meta: { title: "First start", open: true },
    },
    {
      path: "/account",
      component: () => import("../stages/people/OwnAccount.vue"),
      meta: { title: "Password and sign-ins" },
    },
    {
      path: "/people",
      component: () => import("../stages/people/ShopPeople.vue"),
      meta: { title: "People" },
    },
    { path: "/log", component: () => import("../stages/people/ShopLog.vue"), meta: { title: "Log" } },
    {
      path: "/floor",
      component: () => import("../stages/floor/ShopFloor.vue"),
      meta: { title: "Shop floor" },
    },
    { path: "/new-job", component: () => import("../stages/newjob/NewJob.vue"), meta: { title: "New job" } },
    {
      path: "/parts",
      component: () => import("../stages/parts/PartsWall.vue"),
      meta: { title: "Parts wall" },
      redirect: "/parts/kits",
      children: [
        {
          path: "kits",
          component: () => import("../stages/parts/KitWall.vue"),
          meta: { title: "Kits on the parts wall" },
        },
        {
          path: "wheels",
          component: () => import("../stages/parts/WheelWall.vue"),
          meta: { title: "Wheels on the parts wall" },
        },
        {
          path: "shelf",
          component: () => import("../stages/parts/PartShelf.vue"),
          meta: { title: "Parts on the parts wall" },
        },
        {
          path: "sheets/:wall(kits|wheels|parts)/new",
          props: true,
          component: () => import("../stages/parts/sheet/CatalogueSheet.vue"),
          meta: { title: "New on the parts wall" },
        },
        {
          path: "sheets/:wall(kits|wheels|parts)/:code",
          props: true,
          component: () => import("../stages/parts/sheet/CatalogueSheet.vue"),
          meta: { title: "On the parts wall" },
        },
        {
          path: "lists",
          component: () => import("../stages/parts/PriceListWall.vue"),
          meta: { title: "Price lists" },
        },
        {
          path: "lists/:listId",
          props: true,
          component: () => import("../stages/parts/PriceListSheet.vue"),
          meta: { title: "Price list" },
        },
      ],
    },
    {
      path: "/jobs/:jobId(\\d+)",
      component: () => import("./JobShell.vue"),
      props: (route) => ({ jobId: Number(route.params.jobId) }),
      redirect: (to) => `${to.path.replace(/\/$/, "")}/vehicle`,
      children: [
        {
          path: "vehicle",
          component: () => import("../stages/vehicle/VehicleSheet.vue"),
          props: (route) => ({ jobId: Number(route.params.jobId) }),
          meta: { title: "Vehicle sheet" },
        },
        {
          path: "brakes",
          component: () => import("../stages/brakes/VehicleBrakes.vue"),
          props: (route) => ({ jobId: Number(route.params.jobId) }),
          meta: { title: "Brakes" },
        },
        {
          path: "bleed",
          component: () => import("../stages/bleed/BleedBay.vue"),
          props: (route) => ({ jobId: Number(route.params.jobId) }),
          meta: { title: "Bleed bay" },
        },
        {
          path: "road",
          component: () => import("../stages/road/RoadCard.vue"),
          props: (route) => ({ jobId: Number(route.params.jobId) }),
          meta: { title: "Road card" },
        },
      ],
    },
    { path: "/week", component: () => import("../stages/week/WeekView.vue"), meta: { title: "Week" } },
    {
      path: "/shop",
      component: () => import("../stages/shop/ShopTools.vue"),
      meta: { title: "Tools and tables" },
    },
    {
      path: "/axles/:axleId(\\d+)",
      component: () => import("./AxleShell.vue"),
      props: (route) => ({ axleId: Number(route.params.axleId) }),
      children: [
        { path: "", redirect: (to) => `${to.path.replace(/\/$/, "")}/measure` },
        {
          path: "measure",
          component: () => import("../stages/measure/AxleEndStage.vue"),
          meta: { title: "Axle-end drawing" },
        },
        {
          path: "match",
          component: () => import("../stages/match/MatchTable.vue"),
          meta: { title: "Match table" },
        },
        {
          path: "around",
          component: () => import("../stages/around/AroundWheel.vue"),
          meta: { title: "Around the wheel" },
        },
        {
          path: "search",
          component: () => import("../stages/search/CheapestProven.vue"),
          meta: { title: "Cheapest proven combination" },
        },
        {
          path: "what-if",
          component: () => import("../stages/whatif/WhatIf.vue"),
          meta: { title: "What if" },
        },
        {
          path: "section",
          component: () => import("../stages/section/WheelSection.vue"),
          meta: { title: "Wheel section" },
        },
        {
          path: "order",
          component: () => import("../stages/order/OrderSheet.vue"),
          meta: { title: "Order sheet" },
        },
        {
          path: "bench",
          component: () => import("../stages/bench/BenchCard.vue"),
          meta: { title: "Bench card" },
        },
      ],
    },
    { path: "/:rest(.*)*", component: () => import("./NotHere.vue"), meta: { title: "Not here" } },
  ],
});

router.beforeEach((to) => {
  const session = useSession();
  if (session.view?.fresh && to.path !== "/first-start") return "/first-start";
  if (!to.meta.open && !session.isSignedIn) return { path: "/sign-in", query: { to: to.fullPath } };
  return true;
});

router.afterEach((to) => {
  document.title = `${String(to.meta.title ?? "")} · Itrova`;
});
