import { readFileSync } from "node:fs";
import { expect, type Locator, type Page } from "@playwright/test";

export const FELLSIDE = new URL("../../catalogue/plans/fellside.json", import.meta.url).pathname;

export type Stage = "use" | "load" | "tanks" | "line" | "parts";

/** Takes the demonstration plan in as a plan of the test's own, and opens it; on Tanks with its tail tank opened. */
export async function openFellside(page: Page, stage: Stage = "use"): Promise<string> {
  const id = await openPlan(page, JSON.parse(readFileSync(FELLSIDE, "utf8")), stage);
  if (stage === "tanks") await openItem(page, "Tail tank");
  return id;
}

/** Opens a tank, a bay or what is fixed in the rig on Tanks. */
export const openItem = async (page: Page, name: string): Promise<void> => {
  await page.locator("#tanks-list, #bays-list, #things-list").getByRole("button", { name, exact: true }).click();
  await expect(page.locator(".opened")).toHaveAttribute("aria-label", name);
};

/** A demonstration plan as its file has it. */
export const demo = (name: string): unknown =>
  JSON.parse(readFileSync(new URL(`../../catalogue/plans/${name}.json`, import.meta.url), "utf8"));

export async function openPlan(page: Page, plan: unknown, stage: Stage): Promise<string> {
  const reply = await page.request.post("/api/plans/import", { data: plan });
  const { id } = await reply.json();
  await page.goto(`/plans/${id}/${stage}`);
  await expect(page.getByRole("heading", { level: 1 })).toBeVisible();
  return id;
}

export const field = (page: Page, pointer: string): Locator => page.locator(`[data-pointer="${pointer}"]`);
export const answer = (page: Page): Locator => page.getByRole("heading", { level: 1 }).first();
export const glass = (page: Page, label: string): Locator => page.locator(".glass-cell").filter({ hasText: label });
export const snag = (page: Page, title: string | RegExp): Locator =>
  page.getByRole("article").filter({ hasText: title });
export const saved = async (page: Page): Promise<void> =>
  expect(page.locator(".edge-save")).toContainText("Saved, revision");

export async function type(page: Page, pointer: string, text: string): Promise<void> {
  await field(page, pointer).fill(text);
  await field(page, pointer).press("Enter");
  // Enter leaves the keyboard in the field; whoever goes on elsewhere leaves it.
  await field(page, pointer).blur();
}

/** The plan as the server holds it. */
export async function stored(page: Page, id: string): Promise<any> {
  return (await (await page.request.get(`/api/plans/${id}`)).json()).plan;
}
