import { expect, type Page, test } from "@playwright/test";
import { answer, field, openFellside, openItem, type as typeInto } from "./bench";

/** The application without a connection: what this device keeps, and what it takes in meanwhile. */
test.use({ serviceWorkers: "allow" });

const edge = (page: Page) => page.locator(".edge-save");

/** Opens the plan until the service worker has it, with every stage. */
async function kept(page: Page): Promise<string> {
  await page.goto("/");
  await page.evaluate(() => navigator.serviceWorker.ready);
  await page.reload();
  await expect(page.getByRole("link", { name: "Begin a plan" })).toBeVisible();
  const id = await openFellside(page, "use");
  const last = page.waitForResponse((reply) => reply.url().includes("/api/drawing?stage=line") && reply.ok());
  await page.reload();
  await expect.poll(() => page.evaluate(() => navigator.serviceWorker.controller !== null)).toBe(true);
  await last;
  return id;
}

test("a plan that was opened is there without a connection, with every stage, and takes notes", async ({ page }) => {
  const id = await kept(page);
  const said = await answer(page).innerText();
  await page.context().setOffline(true);
  await page.reload();
  await expect(answer(page)).toHaveText(said);
  await expect(edge(page)).toContainText("Revision 1, as last opened here");
  for (const [stage, part] of [
    ["load", "Travel with 45 L at most."],
    ["tanks", "You can use 109 L"],
    ["line", "3.6 L/min"],
  ]) {
    await page.goto(`/plans/${id}/${stage}`);
    await expect(answer(page)).toContainText(part!);
  }
  await page.goto(`/plans/${id}/tanks`);
  await openItem(page, "Tail tank");
  await page.getByRole("button", { name: "Add a note" }).click();
  await page.getByLabel("A note on Tail tank").fill("Written with no signal.");
  await page.getByRole("button", { name: "Save the note" }).click();
  await expect(page.getByRole("region", { name: "Notes on Tail tank" })).toContainText("only on this device");
  await page.goto("/");
  await expect(page.getByText("The server is away. These are the plans")).toBeVisible();

  // Back again: the note is sent, and what was saved elsewhere meanwhile is here.
  const plan = (await (await page.request.get(`/api/plans/${id}`)).json()).plan;
  plan.use.days = 4;
  await page.goto(`/plans/${id}/use`);
  await expect(edge(page)).toContainText("the server is away");
  await page.request.put(`/api/plans/${id}`, { data: plan, headers: { "If-Match": '"1"' } });
  await page.context().setOffline(false);
  await expect(edge(page)).toContainText("Saved, revision 2");
  await expect(answer(page)).toContainText("for 4 days");
  await expect.poll(async () => (await (await page.request.get(`/api/plans/${id}/records`)).json()).total).toBe(1);
});

test("what is typed without a connection is kept and saved when there is one", async ({ page }) => {
  const id = await kept(page);
  await page.context().setOffline(true);
  await page.reload();
  await typeInto(page, "/use/days", "5");
  await expect(edge(page)).toContainText("A field is not in the plan yet.");
  await page.reload();
  await expect(field(page, "/use/days")).toHaveValue("5");
  await page.context().setOffline(false);
  await expect(edge(page)).toContainText("Saved, revision 2");
  expect((await (await page.request.get(`/api/plans/${id}`)).json()).plan.use.days).toBe(5);
  await expect(field(page, "/use/days")).toHaveValue("5");
});

test("it can be installed", async ({ page }) => {
  await page.goto("/");
  const manifest = await (
    await page.request.get(await page.locator('link[rel="manifest"]').getAttribute("href").then(String))
  ).json();
  expect([manifest.name, manifest.display, manifest.start_url]).toEqual(["Yard Cask", "standalone", "/"]);
  for (const { src, sizes } of manifest.icons) {
    const [width, height] = await page.evaluate(async (from) => {
      const icon = await createImageBitmap(await (await fetch(from)).blob());
      return [icon.width, icon.height];
    }, src);
    expect(`${width}x${height}`).toBe(sizes);
  }
});
