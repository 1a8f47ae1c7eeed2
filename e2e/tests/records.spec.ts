import { readFileSync } from "node:fs";
import { expect, type Page, test } from "@playwright/test";
import { openFellside, openItem } from "./bench";

/** Notes: written at the rig and at the desk, kept on the device first, and at the server once. */

const notes = (page: Page, on: string) => page.getByRole("region", { name: `Notes on ${on}` });
const edge = (page: Page) => page.locator(".edge-plan");
const DAY_MS = 86_400_000;

async function write(page: Page, on: string, text: string): Promise<void> {
  await notes(page, on).getByRole("button", { name: "Add a note" }).click();
  await page.getByLabel(`A note on ${on}`).fill(text);
  await page.getByRole("button", { name: "Save the note" }).click();
  // In the list, that is kept on the device: the form holds the same words until then.
  await expect(notes(page, on).getByRole("listitem").filter({ hasText: text })).toBeVisible();
}

const received = async (page: Page, id: string): Promise<string[]> =>
  (await (await page.request.get(`/api/plans/${id}/records`)).json()).records.map(
    (one: { record: { note: { text: string } } }) => one.record.note.text,
  );

/** A picture as a camera gives it, but a large one. */
const picture = (page: Page, width: number, height: number): Promise<Buffer> =>
  page
    .evaluate(
      async ([wide, high]) => {
        const canvas = Object.assign(document.createElement("canvas"), { width: wide, height: high });
        const pen = canvas.getContext("2d")!;
        for (let row = 0; row < 40; ++row) {
          pen.fillStyle = `hsl(${row * 9} 60% 50%)`;
          pen.fillRect(0, (row * high!) / 40, wide!, high! / 40);
        }
        return canvas.toDataURL("image/jpeg", 0.95).split(",")[1]!;
      },
      [width, height],
    )
    .then((base64) => Buffer.from(base64, "base64"));

test("a note with a photograph is written, changed, found, printed and taken back", async ({ page }) => {
  const id = await openFellside(page, "tanks");
  await write(page, "Tail tank", "Lid weeps at the rear seal.");
  await expect.poll(() => received(page, id)).toEqual(["Lid weeps at the rear seal."]);
  const row = notes(page, "Tail tank").getByRole("listitem");
  await row.getByRole("button", { name: "Change" }).click();
  await page.getByLabel("Change the note").fill("Lid weeps. Tightened, dry.");
  const file = { name: "lid.jpg", mimeType: "image/jpeg", buffer: await picture(page, 3000, 2000) };
  await notes(page, "Tail tank").getByLabel("Add a photograph").setInputFiles(file);
  await expect(page.getByAltText("What was photographed")).toBeVisible();
  await page.getByRole("button", { name: "Save the note" }).click();
  await expect.poll(() => received(page, id)).toEqual(["Lid weeps. Tightened, dry."]);
  // As the server drew it anew.
  const photo = page.getByAltText("What was photographed");
  await expect(photo).toHaveAttribute("src", /\/photos\//);
  await expect.poll(() => photo.evaluate((image: HTMLImageElement) => image.naturalWidth)).toBe(2000);

  await page.getByRole("button", { name: "File" }).click();
  await page.getByRole("button", { name: "Notes", exact: true }).click();
  const all = page.getByRole("dialog", { name: "Notes" });
  await all.getByLabel("Find").fill("no such word");
  await expect(all).toContainText("No note holds these words.");
  await all.getByLabel("Find").fill("tightened");
  await expect(all.getByRole("listitem")).toContainText("Tail tank");
  await all.getByRole("button", { name: "Close" }).click();

  await page.getByRole("button", { name: "File" }).click();
  await page.getByRole("link", { name: "Print the whole plan" }).click();
  await expect(page.getByRole("region", { name: "Notes", exact: true })).toContainText("Lid weeps. Tightened, dry.");
  await page.getByRole("link", { name: "Back to the plan" }).click();

  await page.goto(`/plans/${id}/tanks`);
  await openItem(page, "Tail tank");
  await row.getByRole("button", { name: "Take back" }).click();
  await row.getByRole("button", { name: "Take it back" }).click();
  await expect(row).toHaveCount(0);
  await expect.poll(() => received(page, id)).toEqual([]);
});

test("what is typed in a note is kept when its panel closes, and an empty one says what is wanted", async ({
  page,
}) => {
  await openFellside(page, "tanks");
  await notes(page, "Tail tank").getByRole("button", { name: "Add a note" }).click();
  await page.getByRole("button", { name: "Save the note" }).click();
  await expect(page.getByRole("alert")).toContainText("Write what you saw");
  // Digits and brackets are typed, and go to no stage.
  await page.getByLabel("A note on Tail tank").fill("");
  await page.keyboard.type("3 [mm] low?");
  await expect(page).toHaveURL(/\/tanks$/);
  await page.keyboard.press("Escape");
  await openItem(page, "Tail tank");
  await notes(page, "Tail tank").getByRole("button", { name: "Add a note" }).click();
  await expect(page.getByLabel("A note on Tail tank")).toHaveValue("3 [mm] low?");
});

test("thirty notes written without a connection, by a clock a day behind, reach the desk once each", async ({
  page,
  browser,
}) => {
  const id = await openFellside(page, "tanks");
  const phone = await browser.newContext({ viewport: { width: 390, height: 844 }, hasTouch: true });
  const hand = await phone.newPage();
  await hand.clock.setFixedTime(Date.now() - DAY_MS);
  await hand.goto(`/plans/${id}/tanks`);
  await openItem(hand, "Tail tank");
  await phone.setOffline(true);
  for (let number = 1; number <= 30; ++number) await write(hand, "Tail tank", `Phone ${number}.`);
  await expect(edge(hand)).toContainText("30 notes not sent yet");
  await write(page, "Tail tank", "Desk.");
  await expect.poll(() => received(page, id)).toEqual(["Desk."]);

  // The first answer is lost: the server has the note, and the phone does not know.
  let lost = false;
  await hand.route("**/records/*", async (route) => {
    if (lost) return route.continue();
    lost = true;
    await route.fetch();
    await route.abort();
  });
  await phone.setOffline(false);
  await hand.evaluate(() => dispatchEvent(new Event("online")));
  await expect.poll(() => received(page, id)).toContain("Phone 1.");
  await hand.evaluate(() => dispatchEvent(new Event("online")));
  await expect(edge(hand)).not.toContainText("not sent yet");
  const all = await received(page, id);
  expect(all).toHaveLength(31);
  expect(new Set(all).size).toBe(31);
  // By the phone's own clock it happened the day before.
  expect(all[0]).toBe("Desk.");
  await page.reload();
  await openItem(page, "Tail tank");
  await expect(notes(page, "Tail tank").getByRole("listitem")).toHaveCount(31);
  await phone.close();
});

test("a note that is not sent yet is there after a restart of the browser’s page", async ({ page, context }) => {
  const id = await openFellside(page, "tanks");
  await page.route("**/records/*", (route) => route.abort());
  await write(page, "Tail tank", "Written in the dark.");
  await page.close();
  const again = await context.newPage();
  await again.goto(`/plans/${id}/tanks`);
  await expect.poll(() => received(again, id)).toEqual(["Written in the dark."]);
});

test("a note that the server refuses is set aside with its reason, and can be discarded", async ({ page }) => {
  const id = await openFellside(page, "tanks");
  await page.context().setOffline(true);
  await write(page, "Tail tank", "On a plan that is put away.");
  await page.request.delete(`/api/plans/${id}`);
  await page.context().setOffline(false);
  await page.evaluate(() => dispatchEvent(new Event("online")));
  await edge(page).getByRole("button", { name: "1 note not taken" }).click();
  const dialog = page.getByRole("dialog", { name: "Only on this device" });
  await expect(dialog).toContainText("There is no plan");
  // Brought back, it takes the note after all, corrected.
  await page.request.post(`/api/plans/${id}/undelete`);
  await dialog.getByRole("button", { name: "Correct" }).click();
  await dialog.getByLabel("Correct the note").fill("On a plan that is back.");
  await dialog.getByRole("button", { name: "Save the note" }).click();
  await expect(dialog).toContainText("the server has everything");
  expect(await received(page, id)).toEqual(["On a plan that is back."]);
});

test("a plan goes out with its notes and photographs in one file, and comes back as another plan", async ({ page }) => {
  await openFellside(page, "tanks");
  await notes(page, "Tail tank").getByRole("button", { name: "Add a note" }).click();
  await page.getByLabel("A note on Tail tank").fill("=1+1 is what the label says.");
  const file = { name: "label.jpg", mimeType: "image/jpeg", buffer: await picture(page, 400, 300) };
  await notes(page, "Tail tank").getByLabel("Add a photograph").setInputFiles(file);
  await page.getByRole("button", { name: "Save the note" }).click();
  await expect(page.getByAltText("What was photographed")).toHaveAttribute("src", /\/photos\//);
  await page.getByRole("button", { name: "File" }).click();
  const download = page.waitForEvent("download");
  await page.getByRole("link", { name: "Export it with notes and photographs" }).click();
  const archive = await (await download).path();
  await page.goto("/");
  await page.getByLabel("Plan file").setInputFiles({
    name: "rig.zip",
    mimeType: "application/zip",
    buffer: readFileSync(archive),
  });
  await expect(page).toHaveURL(/\/use$/);
  await page.goto(page.url().replace("/use", "/tanks"));
  await openItem(page, "Tail tank");
  await expect(notes(page, "Tail tank")).toContainText("=1+1 is what the label says.");
  const photo = page.getByAltText("What was photographed");
  await expect.poll(() => photo.evaluate((image: HTMLImageElement) => image.naturalWidth)).toBe(400);
});

test("a note is put on a place of a drawing, by hand and by keyboard, and seen wherever that place is", async ({
  page,
}) => {
  const id = await openFellside(page, "tanks");
  await page.getByRole("button", { name: "Note on a place" }).click();
  const side = page.getByRole("button", { name: /^Place seen from its left/ });
  await side.click({ position: { x: 40, y: 60 } });
  await page.getByLabel("A note on this place").fill("Rust at the seam.");
  await page.getByRole("button", { name: "Save the note" }).click();
  const flag = page.getByRole("button", { name: "Note here: Rust at the seam." });
  // From behind and from above nobody knows where it is.
  await expect(flag).toHaveCount(1);
  await expect.poll(() => received(page, id)).toEqual(["Rust at the seam."]);

  await page.getByRole("button", { name: "Note on a place" }).press("Enter");
  await page.getByRole("button", { name: /^Place seen from above/ }).focus();
  for (const key of ["ArrowLeft", "Shift+ArrowUp", "Enter"]) await page.keyboard.press(key);
  await page.getByLabel("A note on this place").fill("Cable under here.");
  await page.getByRole("button", { name: "Save the note" }).press("Enter");
  await expect(page.getByRole("button", { name: /^Note here/ })).toHaveCount(2);
  const places = async (): Promise<string[]> => {
    const { records } = await (await page.request.get(`/api/plans/${id}/records`)).json();
    return records.map((one: { record: { note: { place: object } } }) =>
      Object.keys(one.record.note.place).sort().join(),
    );
  };
  await expect.poll(async () => (await places()).sort()).toEqual(["x_m,y_m", "x_m,z_m"]);

  await page.reload();
  await flag.press("Enter");
  const shown = page.getByRole("list", { name: "The note on that place" });
  await shown.getByRole("button", { name: "Change" }).click();
  await page.getByLabel("Change the note").fill("Rust at the seam, brushed.");
  await page.getByRole("button", { name: "Save the note" }).click();
  await expect(page.getByRole("button", { name: "Note here: Rust at the seam, brushed." })).toHaveCount(1);
  await page.getByRole("button", { name: "File" }).click();
  await page.getByRole("button", { name: "Notes", exact: true }).click();
  await expect(page.getByRole("dialog").getByRole("listitem").filter({ hasText: "A place in the rig" })).toHaveCount(2);
});

test("notes on a tank that was removed are a snag, until they are taken back", async ({ page }) => {
  await openFellside(page, "tanks");
  await write(page, "Tail tank", "Lid weeps.");
  await page
    .getByRole("button", { name: /^Remove/ })
    .first()
    .click();
  await page.getByRole("group", { name: "Remove it?" }).getByRole("button", { name: "Remove it" }).click();
  await page.getByRole("link", { name: /^Use/ }).click();
  const snag = page
    .getByRole("article")
    .filter({ hasText: "There are notes on Tail tank, which the plan no longer has" });
  await expect(snag).toBeVisible();
  await page.getByRole("button", { name: "File" }).click();
  await page.getByRole("button", { name: "Notes", exact: true }).click();
  const row = page.getByRole("dialog").getByRole("listitem").filter({ hasText: "Lid weeps." });
  await row.getByRole("button", { name: "Take back" }).click();
  await row.getByRole("button", { name: "Take it back" }).click();
  await page.keyboard.press("Escape");
  await expect(snag).toHaveCount(0);
});
