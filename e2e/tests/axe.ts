import AxeBuilder from "@axe-core/playwright";
import { expect, type Page } from "@playwright/test";

/**
 * On the light ground every rule; on the dark one, which changes nothing but colours, the contrast. Without the sentinels
 * with which the component library turns the focus round at the ends of a popover.
 */
export async function nothingSerious(page: Page, where: string): Promise<void> {
  for (const ground of ["light", "dark"] as const) {
    // Without motion, or a colour is measured on its way to another.
    await page.emulateMedia({ colorScheme: ground, reducedMotion: "reduce" });
    // In the page itself: there are no frames for which axe would open another.
    const axe = new AxeBuilder({ page })
      .setLegacyMode()
      .exclude("[id^='headlessui-focus-sentinel']")
      .options({ resultTypes: ["violations"], preload: false });
    const { violations } = await (ground === "light" ? axe : axe.withRules("color-contrast")).analyze();
    const serious = violations.filter((one) => one.impact === "serious" || one.impact === "critical");
    const named = serious.map((one) => `${one.id}: ${one.nodes.map((node) => node.html.slice(0, 120)).join(" | ")}`);
    expect(named, `${where} on the ${ground} ground`).toEqual([]);
  }
}
