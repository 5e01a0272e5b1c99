import { computed, ref, watch, type Ref } from "vue";
import { client, toData, type Schemas } from "../../api/client";
import { toNewest } from "../../shell/newest";
import { toMessage } from "../../shell/useLoad";

/** What is looked at: a kit on a side, on the wheel found or another. */
export interface Looked {
  kit: string;
  side: Schemas["SectionView"]["side"];
  wheel: string;
}

/** The wheel steered and lifted by hand: where its parts and the vehicle's stand then. */
export function usePose(axleId: number, looked: Ref<Looked>) {
  const steer = ref(0);
  const lift = ref(0);
  const pose = ref<Schemas["PoseView"] | null>(null);
  const failure = ref("");
  const newest = toNewest();

  watch(
    () => [looked.value, steer.value, lift.value] as const,
    async ([{ kit, side, wheel }]) => {
      if (!kit) return;
      const isNewest = newest.ask();
      try {
        const fresh = await toData(
          client.GET("/api/axles/{axleId}/pose", {
            params: {
              path: { axleId },
              query: { kit, side, wheel: wheel || undefined, steer: steer.value, lift: lift.value },
            },
          }),
        );
        if (!isNewest()) return;
        pose.value = fresh;
        failure.value = "";
      } catch (e) {
        if (!isNewest()) return;
        pose.value = null;
        failure.value = toMessage(e);
      }
    },
    { immediate: true },
  );

  /** The part that has least to spare here. */
  const nearest = computed(
    () =>
      [...(pose.value?.distances ?? [])].sort((a, b) => a.distance - a.wanted - (b.distance - b.wanted))[0],
  );

  return { steer, lift, pose, nearest, failure };
}
