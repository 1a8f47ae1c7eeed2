import { useQuery } from "@tanstack/react-query";
import { useId, useState } from "react";
import { api } from "../api/client";
import { Away, Refused } from "../api/errors";
import { Choice } from "../fields/Choice";

const WHERE = [
  { value: "outer_mm", text: "outside" },
  { value: "inner_mm", text: "inside a female thread" },
];
const TAPER = [
  { value: "", text: "not looked" },
  { value: "yes", text: "it narrows" },
  { value: "no", text: "it runs parallel" },
];

/** What an end is that was measured with a caliper and a pitch gauge. */
export function MeasuredEnd() {
  const [where, setWhere] = useState("outer_mm");
  const [size, setSize] = useState("");
  const [tpi, setTpi] = useState("");
  const [taper, setTaper] = useState("");
  const id = useId();
  const measured = {
    [where]: size,
    ...(tpi.trim() !== "" && { pitch_tpi: tpi }),
    ...(taper !== "" && { taper: taper === "yes" }),
  };
  const found = useQuery({
    queryKey: ["find-end", measured],
    queryFn: () => api.findEnd(measured),
    enabled: size.trim() !== "",
    retry: (_, error) => error instanceof Away,
    retryDelay: 1500,
  });
  const problem =
    found.error instanceof Refused ? (found.error.problem.violations?.[0]?.message ?? found.error.message) : "";
  return (
    <section aria-label="What is this?" className="card p-4">
      <h2>What is this?</h2>
      <div className="mt-2 flex flex-wrap items-end gap-x-6 gap-y-3">
        <Choice label="Measured" value={where} options={WHERE} onChange={setWhere} />
        <label className="field" htmlFor={`${id}.size`}>
          <span className="label">Diameter</span>
          <input
            id={`${id}.size`}
            type="text"
            className="w-32"
            value={size}
            placeholder="20.9"
            aria-invalid={problem !== ""}
            aria-describedby={problem === "" ? undefined : `${id}.problem`}
            onChange={(event) => setSize(event.target.value)}
          />
        </label>
        <label className="field" htmlFor={`${id}.tpi`}>
          <span className="label">Threads an inch</span>
          <input
            id={`${id}.tpi`}
            type="text"
            inputMode="decimal"
            className="w-24"
            value={tpi}
            placeholder="14"
            onChange={(event) => setTpi(event.target.value)}
          />
        </label>
        <Choice label="Along its length" value={taper} options={TAPER} onChange={setTaper} />
      </div>
      {problem && (
        <p id={`${id}.problem`} role="alert" className="refusal">
          {problem}
        </p>
      )}
      <div aria-live="polite">
        {found.data?.length === 0 && (
          <p className="mt-3">
            Nothing we know of comes close. Measure again, or look for a coupling that only fits its own family.
          </p>
        )}
        <ol className="mt-3">
          {found.data?.map((one) => (
            <li key={one.name} className="border-b border-dotted border-rule py-2">
              <b className="font-[620]">{one.name}</b>
              <span className="block text-[13.5px] text-ink-2">{one.tell}</span>
            </li>
          ))}
        </ol>
      </div>
    </section>
  );
}
