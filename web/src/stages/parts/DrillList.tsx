import { api } from "../../api/client";
import type { PartsDrawing } from "../../api/types";
import { giveFile } from "../../frame/giveFile";
import { Said, useAction } from "../../plan/server/useAction";
import { usePlan } from "../../plan/state/PlanContext";

type Props = Pick<PartsDrawing, "holes" | "templates">;

/** Every hole: where it is, how wide, with what, what is behind it, and what is done to its edge. */
export function DrillList({ holes, templates }: Props) {
  if (holes.length === 0) return <p className="text-ink-2">There are no holes to drill yet.</p>;
  return (
    <>
      {templates.length > 0 && <Templates templates={templates} />}
      <ol className="grid gap-3 lg:grid-cols-2">
        {holes.map((hole) => (
          <li key={`${hole.what} ${hole.where}`} className="card break-inside-avoid px-4 py-3 text-[14px]">
            <h3 className="text-[15px] font-[640]">{hole.what}</h3>
            <p className="font-[560]">{hole.size}</p>
            {hole.trouble && <p className="mt-1 font-[560] text-rust">{hole.trouble}</p>}
            <p className="mt-1">{hole.where}</p>
            <p className="mt-1">
              {hole.tool}. {hole.edge}
            </p>
            {hole.plate && <p className="mt-1">{hole.plate}</p>}
            <p className="mt-1 text-ink-2">{hole.behind}</p>
            <p className="caution mt-1">{hole.caution}</p>
          </li>
        ))}
      </ol>
    </>
  );
}

/** The faces of the tanks at their true size, to be laid on and pricked through. */
function Templates({ templates }: Pick<Props, "templates">) {
  const { plan } = usePlan();
  const [said, doIt] = useAction();
  const pdf = () => doIt(async () => giveFile(await api.templates(plan), "templates.pdf", "application/pdf"), "");
  return (
    <section aria-label="Templates" className="mb-3 flex flex-wrap items-center gap-x-3 gap-y-2">
      <p className="w-full text-[14px]">Templates at true size. Measure the check line on each before you use it.</p>
      <button type="button" className="plain small" onClick={() => void pdf()}>
        All as PDF
      </button>
      {templates.map((one) => (
        <button
          key={one.id}
          type="button"
          className="quiet"
          onClick={() => giveFile(one.svg, `${one.id}.svg`, "image/svg+xml")}
        >
          {one.name}, SVG
        </button>
      ))}
      <Said said={said} />
    </section>
  );
}
