import { api } from "../../api/client";
import { Refused } from "../../api/errors";
import type { Plan } from "../../api/types";
import type { LocalDraft } from "./localDraft";

/** What was kept before the application was brought up to date, in the form that plans have since; what is no plan is left behind. */
export async function inPresentForm(kept: readonly LocalDraft[], { version }: Plan): Promise<LocalDraft[]> {
  const present = (plan: Plan) => (plan.version === version ? plan : api.present(plan));
  const brought: LocalDraft[] = [];
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
