import { api, Refused } from "../api/client";
import type { Plan } from "../api/types";
import type { Kept } from "./kept";

/** What was kept before the application was brought up to date, in the form that plans have since; what is no plan is left behind. */
export async function inPresentForm(kept: readonly Kept[], { version }: Plan): Promise<Kept[]> {
  const present = (plan: Plan) => (plan.version === version ? plan : api.present(plan));
  const brought: Kept[] = [];
  for (const one of kept) {
    try {
      const base = { ...one.base, plan: await present(one.base.plan) };
      const sent = await Promise.all((one.sent ?? []).map(present));
      brought.push({ ...one, base, plan: await present(one.plan), sent });
    } catch (error) {
      if (!(error instanceof Refused)) throw error;
    }
  }
  return brought;
}
