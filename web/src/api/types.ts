import type { components, paths } from "./openapi";

type Schemas = components["schemas"];

export type Plan = Schemas["plan.schema"];
export type Use = Plan["use"]["uses"][number];
export type Load = Plan["load"]["loads"][number];
export type Seat = Plan["load"]["seats"][number];
export type Rig = Plan["load"]["rig"];
export type Tank = Plan["tanks"][number];
export type Bay = Plan["bays"][number];
export type Thing = Plan["load"]["things"][number];
export type Run = Plan["runs"][number];
export type Units = Plan["units"];

export type Assessment = Schemas["assessment.schema"];
export type Finding = Assessment["findings"][number];
export type FindingFixes = Schemas["finding-fixes.schema"];
export type Fix = FindingFixes["fixes"][number];
export type Figure = Assessment["figures"][string];
/** What is said beside a measured field. */
export type FieldWords = Assessment["fields"][number];
export type BookPage = Schemas["book-page.schema"];
export type StageDrawing = Schemas["stage-drawing.schema"];
/** Measured fields as they read, by their places, and what is said beside them. */
export type Readings = Schemas["readings.schema"];
export type Sum = Schemas["sum.schema"];
export type GlassCell = Assessment["glass"][number];
export type Limit = Assessment["stages"]["load"]["drawing"]["limits"][number];
export type TankDrawing = Assessment["stages"]["tanks"]["drawing"]["tanks"][number];
/** What only the Tanks stage shows of a tank. */
export type TankDetail = NonNullable<TankDrawing["detail"]>;
export type BayDrawing = Assessment["stages"]["tanks"]["drawing"]["bays"][number];
export type TanksDrawing = Assessment["stages"]["tanks"]["drawing"];
/** A box that stands in the rig, in m. */
export type Box = BayDrawing["box"];
export type LineDrawing = Assessment["stages"]["line"]["drawing"];
export type PartsDrawing = Assessment["stages"]["parts"]["drawing"];
export type JointRow = PartsDrawing["joints"][number];
export type LineElement = LineDrawing["elements"][number];
export type LineScene = LineDrawing["scenes"][number];
export type PressureStair = LineScene["stairs"][number];
/** A line in one of its modes, with what hands have turned. */
export type TurnedLine = Schemas["turned-line.schema"];
export type SystemOffer = Schemas["system-offer.schema"];
export type OutletExtremes = Schemas["outlet-extremes.schema"];
export type PairTable = Schemas["pair-table.schema"];
export type SizingOffer = Schemas["sizing-offer.schema"];
export type PartCatalogue = { parts: readonly StockPart[]; pipes: readonly { id: string; name: string }[] };
/** A part of a line that can be had. */
export type StockPart = {
  id: string;
  name: string;
  kind: string;
  kind_word: string;
  family: string;
  /** Parts with as many can take each other’s place. */
  ports: number;
  /** Where it can be put: into a pipe, branched off one, behind a port that water leaves. */
  into: boolean;
  branch: boolean;
  behind: boolean;
  price: number;
};
/** What is done to a line: `do`, and what it is done to. */
export type LineEdit = { do: string } & Record<string, string>;
export type StockOffer = Schemas["stock-offer.schema"];
export type StockRow = StockOffer["rows"][number];
/** A stage's name; which there are, an assessment says. */
export type StageName = keyof Assessment["stages"];
export type Valve = Assessment["stages"]["use"]["valve"];
export type Severity = Finding["severity"];

export type SavedPlan = Schemas["SavedPlan"];
export type PlanSummary = Schemas["PlanSummary"];
export type RevisionPage = Schemas["RevisionPage"];
export type Revision = RevisionPage["revisions"][number];
/** What has to be said of an end, by its system. */
export type EndForm = Schemas["end-form.schema"];
export type Joint = { fit: "fits" | "sealed" | "leaks" | "no"; with: string | null; why: string; source: string };
export type EndCandidate = { name: string; off_mm: number; tell: string };
/** What a device has recorded about a plan. */
export type NewRecord = Schemas["record.schema"];
export type KeptRecord = Schemas["kept-record.schema"];
/** What somebody says of buying an item of the shopping list. */
export type Purchased = Schemas["purchased.schema"];
export type Purchase = Purchased["purchase"];
export type RecordPage = Schemas["record-page.schema"];
export type FirstAnswers = Schemas["FirstAnswers"];
/** A tank that somebody keeps beside those of the catalogue. */
export type OwnTank = { id: string; name: string };
export type Catalogue = Schemas["Catalogue"];
export type Option = Schemas["Option"];
export type Habit = Schemas["Habit"];
export type HabitLevel = keyof Habit["levels"];
export type Problem = Schemas["Problem"];
export type Violation = NonNullable<Problem["violations"]>[number];
/** Who asks, and what that one may do. */
export type Who = Schemas["Who"];
export type Share = Schemas["Share"];
/** A device that is let in. */
export type Device = paths["/api/devices"]["get"]["responses"]["200"]["content"]["application/json"]["devices"][number];
