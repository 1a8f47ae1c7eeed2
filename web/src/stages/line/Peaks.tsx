import type { LineDrawing } from "../../api/types";

/** The highest pressure that each part can reach, against what it is rated for. */
export function Peaks({ peaks }: { peaks: LineDrawing["peaks"] }) {
  if (peaks.length === 0) return null;
  return (
    <details className="mt-5">
      <summary className="label cursor-pointer py-2">Highest pressures against ratings</summary>
      <table className="w-full text-[13px]">
        <thead>
          <tr className="text-left text-ink-2">
            <th className="py-1 font-[560]">Part</th>
            <th className="py-1 text-right font-[560]">can reach</th>
            <th className="py-1 text-right font-[560]">rated for</th>
            <th className="hidden py-1 pl-4 font-[560] sm:table-cell">when</th>
          </tr>
        </thead>
        <tbody>
          {peaks.map((row) => (
            <tr key={row.id} className="border-t border-dotted border-rule">
              <td className="py-1">{row.name}</td>
              <td className={`py-1 text-right whitespace-nowrap ${row.share > 1 ? "font-[640] text-rust" : ""}`}>
                {row.peak}
              </td>
              <td className="py-1 text-right whitespace-nowrap">{row.rating}</td>
              <td className="hidden py-1 pl-4 text-ink-2 sm:table-cell">{row.how}</td>
            </tr>
          ))}
        </tbody>
      </table>
    </details>
  );
}
