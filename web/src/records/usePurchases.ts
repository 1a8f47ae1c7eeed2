import { useState } from "react";
import type { Purchase } from "../api/types";
import { useSay } from "./useSay";

type Said = { of: unknown; purchases: Readonly<Record<string, Purchase>> };

/**
 * What is said on this device of buying, before the server counts it in.
 *
 * @param drawn what the server has drawn last: with the next one it has counted in what was sent
 */
export function usePurchases(drawn: unknown) {
  const { waiting, say } = useSay();
  const [said, setSaid] = useState<Said>({ of: drawn, purchases: {} });
  const sent = said.of === drawn ? said.purchases : {};
  return {
    purchaseOf: (item: string): Purchase | undefined => waiting("purchase", item)?.purchase ?? sent[item],
    say: async (item: string, name: string, purchase: Purchase): Promise<void> => {
      setSaid({ of: drawn, purchases: { ...sent, [item]: purchase } });
      await say("purchase", item, name, { purchase });
    },
  };
}
