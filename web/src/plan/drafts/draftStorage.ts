import type { SavedPlan } from "../../api/types";
import { isUnsaved, notRead, opened, type PlanState, withDraft } from "../state/planState";
import type { LocalDraft } from "./localDraft";
import { openTabs, thisTab } from "./tab";
import { withUndo } from "./undoStorage";

const PREFIX = "yardcask.kept.";
const key = (id: string, tab: string) => `${PREFIX}${id}.${tab}`;

/** Keeps the edits of one tab, and those of tabs that were closed and that it has taken over; or forgets what the server has by now. */
export function storeDrafts(state: PlanState, tab: string): void {
  const typed = notRead(state.typed);
  const kept: LocalDraft[] = [...state.others];
  if (isUnsaved(state) || Object.keys(typed).length > 0) {
    const { revision, plan: base } = state.saved;
    kept.unshift({ base: { revision, plan: base }, plan: state.plan, sent: state.sent, typed });
  }
  try {
    if (kept.length > 0) localStorage.setItem(key(state.id, tab), JSON.stringify(kept));
    else localStorage.removeItem(key(state.id, tab));
  } catch {
    // A browser that may not keep anything still edits and saves.
  }
}

function read(at: string): LocalDraft[] {
  try {
    const kept: LocalDraft[] = [JSON.parse(localStorage.getItem(at) ?? "[]")].flat();
    return kept.filter((one) => one?.base?.plan && one.plan);
  } catch {
    return [];
  }
}

/** What was kept of a plan in this tab, and in tabs that are no longer open: those edits go on here. */
export async function takeDrafts(id: string): Promise<LocalDraft[]> {
  try {
    const [tab, open] = [await thisTab(), await openTabs()];
    const left = Object.keys(localStorage).filter(
      (at) => at.startsWith(`${PREFIX}${id}`) && at !== key(id, tab) && !open.has(at.slice(key(id, "").length)),
    );
    const kept = [key(id, tab), ...left].flatMap(read);
    if (left.length > 0) localStorage.setItem(key(id, tab), JSON.stringify(kept));
    for (const at of left) localStorage.removeItem(at);
    return kept;
  } catch {
    return [];
  }
}

/** A plan as it opens: edits that never reached the server go on from where they were, and meet what was saved since. */
export function reopened(saved: SavedPlan, [first, ...others]: readonly LocalDraft[]): PlanState {
  const state = { ...opened(saved), others };
  return withUndo(first ? withDraft(state, first) : state);
}
