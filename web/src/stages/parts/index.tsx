import { type ReactNode, useState } from "react";
import { Choice } from "../../fields/Choice";
import { usePlan } from "../../plan/state/PlanContext";
import { CutList } from "./CutList";
import { DrillList } from "./DrillList";
import { Joints } from "./Joints";
import { ShoppingList } from "./ShoppingList";

const PAGES = [
  { value: "joints", text: "Joints" },
  { value: "buy", text: "Shopping list" },
  { value: "cut", text: "Cut list" },
  { value: "drill", text: "Drill list" },
];

/** What joins what, what to buy, what to cut and what to drill: one at a time on screen, all of them on paper. */
export default function PartsStage() {
  const { drawing } = usePlan().assessment.stages.parts;
  const [page, setPage] = useState("joints");
  const pages: Record<string, ReactNode> = {
    joints: <Joints joints={drawing.joints} methods={drawing.methods} />,
    buy: <ShoppingList drawing={drawing} />,
    cut: <CutList cuts={drawing.cuts} />,
    drill: <DrillList holes={drawing.holes} templates={drawing.templates} />,
  };
  return (
    <>
      <Choice label="Show" value={page} options={PAGES} onChange={setPage} />
      {PAGES.map(({ value, text }) => (
        <section key={value} aria-label={text} className={value === page ? "mt-4" : "on-paper mt-4"}>
          <h2 className="list-title">{text}</h2>
          {pages[value]}
        </section>
      ))}
    </>
  );
}
