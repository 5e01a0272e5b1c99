import { inject, type InjectionKey } from "vue";

/** What the bar above an axle's stages shows. */
export interface AxleHead {
  jobId?: number;
  jobTitle: string;
  name: string;
  chosenKit?: string;
}

export const axleHeadKey: InjectionKey<{ axleId: number; set: (head: AxleHead) => void }> =
  Symbol("axleHead");

/** The axle whose stage this is. */
export function useAxle() {
  const axle = inject(axleHeadKey);
  if (!axle) throw new Error("useAxle is for views under AxleShell");
  return axle;
}
