import type { Ref } from "vue";
import { client, toData, type Schemas } from "../../api/client";
import { useUndo } from "../../shell/useUndo";

type Vehicle = Schemas["VehicleView"];

/** A form as it was and as it is. */
export interface AxleDeed {
  axleId: number;
  before: Schemas["AxleChange"];
  after: Schemas["AxleChange"];
}

type Deed =
  { of: "sheet"; before: Vehicle["sheet"]; after: Vehicle["sheet"] } | { of: "axle"; change: AxleDeed };

/** Saving the sheet of a vehicle and the forms of its axles, and taking either back. */
export function useVehicleDeeds(jobId: number, vehicle: Ref<Vehicle | null>) {
  async function put(sheet: Vehicle["sheet"]) {
    if (!vehicle.value) return;
    vehicle.value = await toData(
      client.PUT("/api/jobs/{id}/vehicle", {
        params: { path: { id: jobId } },
        body: { version: vehicle.value.version, sheet },
      }),
    );
  }

  /** Saves a form over whatever version stands now. */
  async function putForm(axleId: number, body: Schemas["AxleChange"]) {
    const now = await toData(client.GET("/api/jobs/{id}/vehicle", { params: { path: { id: jobId } } }));
    const version = now.axles.find((a) => a.id === axleId)?.version ?? body.version;
    vehicle.value = await toData(
      client.PUT("/api/axles/{axleId}/form", { params: { path: { axleId } }, body: { ...body, version } }),
    );
  }

  const set = (deed: Deed, to: "before" | "after") =>
    deed.of === "sheet" ? put(deed[to]) : putForm(deed.change.axleId, deed.change[to]);
  const undo = useUndo<Deed>(`vehicle.${jobId}`, {
    undo: (deed) => set(deed, "before"),
    redo: (deed) => set(deed, "after"),
  });

  return { put, undo };
}
