import { ref } from "vue";
import { client, toData, type Schemas } from "../../api/client";
import { useSession } from "../../shell/session";
import { toMessage, useLoad } from "../../shell/useLoad";

export type Road = Schemas["RoadView"];

/** The road card of a job, and what is written on it; every answer is the card as it stands then. */
export function useRoad(jobId: number) {
  const session = useSession();
  const path = { jobId };
  const { data, failure, isLoading, load } = useLoad(
    () => toData(client.GET("/api/jobs/{jobId}/road", { params: { path } })),
    { inUnits: () => session.units },
  );
  const problem = ref("");
  const isBusy = ref(false);

  async function write(step: () => Promise<Road>) {
    problem.value = "";
    isBusy.value = true;
    try {
      data.value = await step();
      return true;
    } catch (e) {
      problem.value = toMessage(e);
      return false;
    } finally {
      isBusy.value = false;
    }
  }

  const params = { path };
  return {
    road: data,
    failure,
    isLoading,
    load,
    problem,
    isBusy,
    move: (body: Schemas["MoveForm"]) =>
      write(() => toData(client.POST("/api/jobs/{jobId}/road/moves", { params, body }))),
    rule: (body: Schemas["RuleForm"]) =>
      write(() => toData(client.POST("/api/jobs/{jobId}/road/rule", { params, body }))),
    stop: (body: Schemas["StopForm"]) =>
      write(() => toData(client.POST("/api/jobs/{jobId}/road/stops", { params, body }))),
    run: (body: Schemas["RunForm"]) =>
      write(() => toData(client.POST("/api/jobs/{jobId}/road/runs", { params, body }))),
    odometer: (body: Schemas["OdometerForm"]) =>
      write(() => toData(client.POST("/api/jobs/{jobId}/road/odometer", { params, body }))),
    recheck: (id: string, body: Schemas["RecheckForm"]) =>
      write(() =>
        toData(
          client.POST("/api/jobs/{jobId}/road/rechecks/{id}", { params: { path: { jobId, id } }, body }),
        ),
      ),
    sign: (body: Schemas["SignForm"]) =>
      write(() => toData(client.POST("/api/jobs/{jobId}/road/signatures", { params, body }))),
    takeBack: (id: number) =>
      write(() =>
        toData(client.DELETE("/api/jobs/{jobId}/road/entries/{id}", { params: { path: { jobId, id } } })),
      ),
  };
}

export type RoadDeeds = ReturnType<typeof useRoad>;
