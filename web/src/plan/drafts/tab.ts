/** Tabs of one browser keep their edits apart: each has a name of its own, which a reload keeps. */
const KEY = "yardcask.tab";
const lockOf = (name: string) => `${KEY}.${name}`;

/** Holds a name for as long as this page lives; false when another page has it. */
function claim(name: string): Promise<boolean> {
  return new Promise((claimed) => {
    void navigator.locks.request(lockOf(name), { ifAvailable: true }, (lock) => {
      claimed(lock !== null);
      return lock ? new Promise(() => {}) : undefined;
    });
  });
}

async function find(): Promise<string> {
  const before = sessionStorage.getItem(KEY);
  // A tab that was duplicated has the name of the other one, too.
  if (before && (await claim(before))) return before;
  const name = crypto.randomUUID();
  await claim(name);
  sessionStorage.setItem(KEY, name);
  return name;
}

let found: Promise<string> | undefined;

/** The name of this tab. */
export function thisTab(): Promise<string> {
  // Where the browser keeps nothing there is nothing to keep apart.
  found ??= find().catch(() => "alone");
  return found;
}

/** The names of all tabs that are open, this one among them. */
export async function openTabs(): Promise<ReadonlySet<string>> {
  const { held = [] } = await navigator.locks.query();
  return new Set(held.map((lock) => lock.name?.slice(lockOf("").length) ?? ""));
}
