import createClient from "openapi-fetch";
import { tellSignedOut } from "../access/signedOut";
import { KEEP } from "../offline/headers";
import { noteReply } from "../offline/kept";
import { Away, Refused } from "./errors";
import type { paths } from "./openapi";
import { type OnProgress, type Searched, searched } from "./searched";
import type {
  Assessment,
  BookPage,
  Catalogue,
  Device,
  EndCandidate,
  EndForm,
  FindingFixes,
  FirstAnswers,
  Fix,
  Joint,
  KeptRecord,
  LineEdit,
  NewRecord,
  OutletExtremes,
  OwnTank,
  PairTable,
  PartCatalogue,
  Plan,
  PlanSummary,
  Problem,
  Purchased,
  Readings,
  RecordPage,
  RevisionPage,
  SavedPlan,
  Share,
  SizingOffer,
  StageDrawing,
  StockOffer,
  Sum,
  SystemOffer,
  TurnedLine,
  Who,
} from "./types";

const http = createClient<paths>({ baseUrl: window.location.origin });

const NOT_SIGNED_IN = 401;
const DISK_FULL = 507;

type Reply<T> = { data?: T; error?: unknown; response: Response };

async function answer<T>(asking: Promise<Reply<T>>): Promise<T> {
  let reply: Reply<T>;
  try {
    reply = await asking;
  } catch {
    throw new Away("The server cannot be reached.");
  }
  noteReply(reply.response);
  if (reply.response.status === NOT_SIGNED_IN) {
    tellSignedOut();
    throw new Away(
      "This device is not signed in.",
      "Not signed in. Your edits are in this browser and are saved once you are.",
    );
  }
  if (reply.response.status >= 502 && reply.response.status <= 504)
    throw new Away("The server is starting or has stopped.");
  if (reply.response.status === DISK_FULL)
    throw new Away(
      (reply.error as Partial<Problem> | undefined)?.detail ?? "The server’s disk is full.",
      "The server’s disk is full. Your edits are in this browser and are saved when there is room.",
    );
  if (!reply.response.ok) {
    const { status, statusText } = reply.response;
    const problem = reply.error as Partial<Problem> | undefined;
    throw new Refused({
      type: "about:blank",
      title: statusText,
      status,
      detail: `The server answered ${status}.`,
      ...problem,
    });
  }
  return reply.data as T;
}

/** How a search is asked for: under a name by which it can be stopped. */
export type Asked = { search: string; signal: AbortSignal; onProgress: OnProgress };

/** An answer that is read while it comes. */
const parseAs = "stream";

const at = (id: string) => ({ path: { id } });
const basedOn = (revision: number) => ({ "If-Match": `"${revision}"` });

/** A body that is no JSON. */
const sentAs = (type: string, bytes: Blob) => ({
  body: "",
  bodySerializer: () => bytes,
  headers: { "Content-Type": type },
});

export const api = {
  plans: (): Promise<{ plans: PlanSummary[]; deleted: PlanSummary[] }> => answer(http.GET("/api/plans")),
  start: (answers: FirstAnswers): Promise<SavedPlan> => answer(http.POST("/api/plans", { body: answers })),
  preview: (answers: FirstAnswers, signal: AbortSignal): Promise<Assessment> =>
    answer(http.POST("/api/plans/preview", { body: answers, signal })),
  import: (plan: Plan): Promise<SavedPlan> => answer(http.POST("/api/plans/import", { body: plan })),
  /** A plan with its notes and photographs, as a new plan. */
  importArchive: (zip: Blob): Promise<SavedPlan> =>
    answer(http.POST("/api/plans/archive", sentAs("application/zip", zip))),
  /** The same plan in the present version of the format. */
  present: (plan: Plan): Promise<Plan> => answer(http.POST("/api/plans/read", { body: plan })),
  read: (id: string): Promise<SavedPlan> => answer(http.GET("/api/plans/{id}", { params: at(id) })),
  write: (id: string, revision: number, plan: Plan): Promise<SavedPlan> =>
    answer(http.PUT("/api/plans/{id}", { params: { ...at(id), header: basedOn(revision) }, body: plan })),
  remove: (id: string): Promise<unknown> => answer(http.DELETE("/api/plans/{id}", { params: at(id) })),
  undelete: (id: string): Promise<SavedPlan> => answer(http.POST("/api/plans/{id}/undelete", { params: at(id) })),
  /** @param before only those before this number, as the page before says */
  revisions: (id: string, before: number | undefined): Promise<RevisionPage> =>
    answer(
      http.GET("/api/plans/{id}/revisions", { params: { ...at(id), query: before === undefined ? {} : { before } } }),
    ),
  revision: (id: string, number: number): Promise<SavedPlan> =>
    answer(http.GET("/api/plans/{id}/revisions/{number}", { params: { path: { id, number } } })),
  restore: (id: string, number: number, revision: number): Promise<SavedPlan> =>
    answer(
      http.POST("/api/plans/{id}/revisions/{number}/restore", {
        params: { path: { id, number }, header: basedOn(revision) },
      }),
    ),
  /** An empty name takes it away. */
  nameRevision: (id: string, number: number, name: string): Promise<unknown> =>
    answer(http.PUT("/api/plans/{id}/revisions/{number}/name", { params: { path: { id, number } }, body: { name } })),
  copy: (id: string): Promise<SavedPlan> => answer(http.POST("/api/plans/{id}/copy", { params: at(id) })),
  /**
   * Without fixes and sums, and without how the stage that is looked at is drawn whole.
   *
   * @param recorded the id under which it is stored, whose records count
   * @param opened the id of what is opened of the line: of its fields only its own are read
   */
  assess: (
    plan: Plan,
    recorded: string,
    stage: string,
    opened: string | null,
    signal: AbortSignal,
  ): Promise<Assessment> =>
    answer(
      http.POST("/api/assess", {
        params: { query: { stage, recorded, ...(opened && { opened }) } },
        body: plan,
        signal,
      }),
    ),
  /** How the stage that is looked at is drawn whole, and what can be added there. */
  book: async (plan: Plan, recorded: string, signal: AbortSignal): Promise<BookPage[]> =>
    (await answer(http.POST("/api/book", { params: { query: { recorded } }, body: plan, signal }))).pages,
  drawing: (plan: Plan, recorded: string, stage: string, signal: AbortSignal): Promise<StageDrawing> =>
    answer(http.POST("/api/drawing", { params: { query: { stage, recorded } }, body: plan, signal })),
  /** Has this device keep what a plan comes to and how a stage of it is drawn. */
  keepStage: async (id: string, plan: Plan, stage: string, signal: AbortSignal): Promise<void> => {
    const asked = { body: plan, signal, headers: { [KEEP]: "yes" } };
    await answer(http.POST("/api/assess", { ...asked, params: { query: { stage, recorded: id } } }));
    await answer(http.POST("/api/drawing", { ...asked, params: { query: { stage, recorded: id } } }));
  },
  /** What clears the findings of one stage. */
  fixes: async (
    plan: Plan,
    recorded: string,
    stage: string,
    signal: AbortSignal,
  ): Promise<Searched<readonly FindingFixes[]>> =>
    searched(
      await answer(http.POST("/api/fixes", { params: { query: { stage, recorded } }, body: plan, signal, parseAs })),
    ),
  /** Every measured field as it reads. */
  readings: (plan: Plan): Promise<Readings> => answer(http.POST("/api/readings", { body: plan })),
  /** What each figure was worked out of, by its id. */
  sums: async (plan: Plan): Promise<Readonly<Record<string, Sum>>> =>
    (await answer(http.POST("/api/sums", { body: plan }))).sums,
  /** @param replace the id of the tank in whose place one is wanted; empty to add one */
  stock: async (plan: Plan, replace: string, pairs: boolean, asked: Asked): Promise<Searched<StockOffer>> => {
    const params = { query: { ...(replace && { replace }), pairs, search: asked.search } };
    const lines = await answer(http.POST("/api/stock", { params, body: plan, signal: asked.signal, parseAs }));
    return searched(lines, asked.onProgress);
  },
  /** Has a search answer with what it has found so far. */
  stopSearch: (search: string): Promise<unknown> =>
    answer(http.POST("/api/searches/{search}/stop", { params: { path: { search } } })),
  /** @param sure that an unlikely value is meant as it was typed */
  typed: async (pointer: string, text: string, plan: Plan, sure = false): Promise<number> =>
    (await answer(http.POST("/api/typed", { body: { pointer, text, plan, sure } }))).value,
  /** What puts a tank’s table, a height and its litres on each line, into the plan. */
  levels: async (text: string, tank: string, plan: Plan): Promise<readonly unknown[]> =>
    (await answer(http.POST("/api/levels", { body: { text, tank, plan } }))).patch,
  parts: ({ volume, pressure, temperature }: Plan["units"]): Promise<PartCatalogue> =>
    answer(http.GET("/api/parts", { params: { query: { volume, pressure, temperature } } })),
  /** Every system as it would be in the plan. */
  systems: async (plan: Plan): Promise<readonly SystemOffer[]> =>
    (await answer(http.POST("/api/systems", { body: plan }))).systems,
  /** Every size of pump, vessel, filter and pipe, tried in the plan. */
  lineSizing: async (plan: Plan, asked: Asked): Promise<Searched<SizingOffer>> => {
    const params = { query: { search: asked.search } };
    const lines = await answer(http.POST("/api/line-sizing", { params, body: plan, signal: asked.signal, parseAs }));
    return searched(lines, asked.onProgress);
  },
  /** What each outlet gives at its worst and at its best. */
  lineExtremes: async (plan: Plan): Promise<readonly OutletExtremes[]> =>
    (await answer(http.POST("/api/line-extremes", { body: plan }))).outlets,
  /** What every two outlets give, open at the same time. */
  linePairs: (plan: Plan): Promise<PairTable> => answer(http.POST("/api/line-pairs", { body: plan })),
  /** What flows with some valves turned by hand, each by its id. */
  turnedLine: (turned: Readonly<Record<string, string>>, mode: string | null, plan: Plan): Promise<TurnedLine> =>
    answer(http.POST("/api/line-scenes", { body: { turned, ...(mode && { mode }), plan } })),
  /** What does something to the line, as a patch. */
  lineEdit: async (edit: LineEdit, plan: Plan): Promise<Fix["patch"]> =>
    (await answer(http.POST("/api/line-edits", { body: { edit, plan } }))).patch as Fix["patch"],
  /** Everything that a plan needs, as CSV. */
  shopping: async (plan: Plan, recorded: string): Promise<string> =>
    String(
      await answer(http.POST("/api/shopping.csv", { params: { query: { recorded } }, body: plan, parseAs: "text" })),
    ),
  /** What a table of the shopping list says of buying. */
  readShopping: async (text: string): Promise<readonly Purchased[]> =>
    (await answer(http.POST("/api/shopping-table", { body: { text } }))).purchases,
  /** The templates of the tanks at their true size. */
  templates: async (plan: Plan): Promise<Blob> =>
    (await answer(http.POST("/api/templates.pdf", { body: plan, parseAs: "blob" }))) as Blob,
  /** Says what an end of a joint is, as it was measured: lengths as they were typed. */
  sayEnd: async (
    joint: string,
    side: "tube" | "port",
    end: Record<string, string>,
    plan: Plan,
  ): Promise<Fix["patch"]> =>
    (await answer(http.POST("/api/joint-ends", { body: { edit: { joint, side, end }, plan } }))).patch as Fix["patch"],
  ownParts: async (): Promise<readonly OwnTank[]> => (await answer(http.GET("/api/own-parts"))).parts,
  keepOwnPart: (part: string, plan: Plan): Promise<unknown> =>
    answer(http.POST("/api/own-parts", { body: { part, plan } })),
  /** Keeps every part of a table among one’s own. */
  readOwnParts: (text: string): Promise<unknown> => answer(http.POST("/api/own-parts/table", { body: { text } })),
  removeOwnPart: (id: string): Promise<unknown> =>
    answer(http.DELETE("/api/own-parts/{id}", { params: { path: { id } } })),
  ownTanks: async (): Promise<readonly OwnTank[]> => (await answer(http.GET("/api/own-tanks"))).tanks,
  /** @param price as it was typed; empty where nobody knows it */
  keepOwnTank: (tank: string, price: string, plan: Plan): Promise<OwnTank> =>
    answer(http.POST("/api/own-tanks", { body: { tank, price, plan } })),
  removeOwnTank: (id: string): Promise<unknown> =>
    answer(http.DELETE("/api/own-tanks/{id}", { params: { path: { id } } })),
  endForms: async (): Promise<readonly EndForm[]> => (await answer(http.GET("/api/ends"))).systems,
  /** @param a and b as they are typed */
  joint: async (a: object, b: object, pressure: boolean): Promise<Joint> =>
    (await answer(http.POST("/api/joint", { body: { a: { ...a }, b: { ...b }, pressure } }))) as Joint,
  /** What a measured end may be. */
  findEnd: async (measured: object): Promise<readonly EndCandidate[]> =>
    (await answer(http.POST("/api/ends", { body: { ...measured } }))).candidates,
  /** Records something; once more changes nothing. */
  putRecord: (plan: string, record: NewRecord): Promise<KeptRecord> =>
    answer(
      http.PUT("/api/plans/{id}/records/{uuid}", { params: { path: { id: plan, uuid: record.uuid } }, body: record }),
    ),
  /** @param part the id of what they are about; of everything when it is null */
  records: (plan: string, part: string | null, words: string, page: number): Promise<RecordPage> =>
    answer(
      http.GET("/api/plans/{id}/records", {
        params: { ...at(plan), query: { page, kind: "note" as const, ...(part && { part }), ...(words && { words }) } },
      }),
    ),
  putPhoto: (plan: string, uuid: string, jpeg: Blob): Promise<unknown> =>
    answer(
      http.PUT("/api/plans/{id}/photos/{uuid}", {
        params: { path: { id: plan, uuid } },
        ...sentAs("image/jpeg", jpeg),
      }),
    ),
  who: (): Promise<Who> => answer(http.GET("/api/who")),
  /** @param name of this device */
  signIn: (passphrase: string, name: string): Promise<Who> =>
    answer(http.POST("/api/sign-in", { body: { passphrase, name } })),
  signOut: (): Promise<unknown> => answer(http.POST("/api/sign-out")),
  pair: (code: string, name: string): Promise<Who> => answer(http.POST("/api/pair", { body: { code, name } })),
  /** @param secret of a link to one plan */
  enter: (secret: string, name: string): Promise<Who> => answer(http.POST("/api/enter", { body: { secret, name } })),
  devices: async (): Promise<readonly Device[]> => (await answer(http.GET("/api/devices"))).devices,
  removeDevice: (device: string): Promise<unknown> =>
    answer(http.DELETE("/api/devices/{device}", { params: { path: { device } } })),
  newPairingCode: (): Promise<{ code: string; expires_at: string }> => answer(http.POST("/api/pairing-codes")),
  changePassphrase: (passphrase: string): Promise<unknown> =>
    answer(http.PUT("/api/passphrase", { body: { passphrase } })),
  shares: async (plan: string): Promise<readonly Share[]> =>
    (await answer(http.GET("/api/plans/{id}/shares", { params: at(plan) }))).shares,
  share: (plan: string, mayNote: boolean, days: number): Promise<{ share: Share; link: string }> =>
    answer(http.POST("/api/plans/{id}/shares", { params: at(plan), body: { may_note: mayNote, days } })),
  endShare: (plan: string, share: string): Promise<unknown> =>
    answer(http.DELETE("/api/plans/{id}/shares/{share}", { params: { path: { id: plan, share } } })),
  catalogue: (): Promise<Catalogue> => answer(http.GET("/api/catalogue")),
  /** Sends a plan while the page goes away: nobody waits for the reply. */
  writeAndLeave: (id: string, revision: number, plan: Plan): void => {
    const headers = { "Content-Type": "application/json", ...basedOn(revision) };
    void fetch(`/api/plans/${id}`, { method: "PUT", headers, body: JSON.stringify(plan), keepalive: true }).catch(
      () => {},
    );
  },
};
