import { useQuery } from "@tanstack/react-query";
import { useId, useState } from "react";
import { useWho } from "../../access/WhoContext";
import { api } from "../../api/client";
import { Said, useAction } from "../../plan/server/useAction";
import { usePlan } from "../../plan/state/PlanContext";

const OWN_PARTS = ["own-parts"];
const PARTS = ["parts"];

/** The workshop’s own parts; whoever came by a link to one plan does not see them. */
function useOwnParts() {
  const enabled = useWho().plan === null;
  return useQuery({ queryKey: OWN_PARTS, queryFn: api.ownParts, staleTime: 60_000, enabled }).data ?? [];
}

/** Keeps a part as it is now, to be had in other plans too; one of its name that is kept gets its figures. */
export function KeepPart({ part }: { part: string }) {
  const { plan } = usePlan();
  const name = plan.line.parts.find((one) => one.id === part)?.name;
  const known = useOwnParts().some((one) => one.name === name);
  const [said, change] = useAction(OWN_PARTS, PARTS);
  return (
    <div className="mt-3 flex flex-wrap items-center gap-2">
      <button
        type="button"
        className="plain small"
        onClick={() =>
          void change(
            () => api.keepOwnPart(part, plan),
            known ? `Your own ${name} now has these figures.` : "Saved: it is now offered with the catalogue’s parts.",
          )
        }
      >
        {known ? `Update your own ${name} to this` : "Save as your own part"}
      </button>
      <Said said={said} />
    </div>
  );
}

/** The parts of one's own: listed, removed, exported and imported as a table. */
export function OwnParts() {
  const parts = useOwnParts();
  const [said, change] = useAction(OWN_PARTS, PARTS);
  const [text, setText] = useState("");
  const id = useId();
  return (
    <details className="mt-3">
      <summary className="label cursor-pointer py-2">Your own parts, {parts.length}</summary>
      <ul className="text-[13px]">
        {parts.map((part) => (
          <li key={part.id} className="flex items-center justify-between gap-3 border-b border-dotted border-rule py-1">
            {part.name}
            <button
              type="button"
              className="plain small"
              aria-label={`${part.name}: remove`}
              onClick={() => void change(() => api.removeOwnPart(part.id), `${part.name} is removed from your own.`)}
            >
              Remove
            </button>
          </li>
        ))}
      </ul>
      {parts.length > 0 && (
        <p className="my-2">
          <a className="quiet" href="/api/own-parts.csv" download>
            Export them as a table (CSV)
          </a>
        </p>
      )}
      <form
        className="field mt-2"
        onSubmit={(event) => {
          event.preventDefault();
          void change(() => api.readOwnParts(text), "Imported.").then((done) => done && setText(""));
        }}
      >
        <label htmlFor={id} className="label block">
          Import parts from a table: name, kind, rating_kpa, rating_c, food_grade, weight_kg, price, figures
        </label>
        <textarea
          id={id}
          rows={3}
          className="w-full"
          placeholder="Grey tap,tap,600,60,yes,0.4,17,open_lpm=5 least_lpm=2 most_lpm=4 least_kpa=0"
          value={text}
          onChange={(event) => setText(event.target.value)}
        />
        <button type="submit" className="plain small mt-1">
          Import them
        </button>
      </form>
      <Said said={said} />
    </details>
  );
}
