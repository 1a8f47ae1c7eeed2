import type { PartsDrawing } from "../../api/types";
import { PieceRow } from "./PieceRow";
import { Workshop } from "./Workshop";

type Card = PartsDrawing["cuts"][number];

/** The pieces of each sort of pipe, drawn to scale on what they are cut from; what is still assumed is not to be cut. */
export function CutList({ cuts }: { cuts: readonly Card[] }) {
  if (cuts.length === 0) return <p className="text-ink-2">There are no pipes to cut yet.</p>;
  return cuts.map((card) => (
    <section key={card.name} className="card mb-4 px-4 py-3" aria-label={card.name}>
      <h3 className="font-[640]">{card.name}</h3>
      <p className="text-[13px] text-ink-2">{card.how}</p>
      <Workshop card={card} />
      {card.bars.map((bar) => (
        <Bar key={bar.pieces.map((one) => one.pipe).join()} bar={bar} longest={longest(card)} />
      ))}
      {card.assumed.length > 0 && (
        <ul className="mt-2 text-ink-2">
          {card.assumed.map((piece) => (
            <li key={piece.pipe}>
              <PieceRow piece={piece} />
            </li>
          ))}
        </ul>
      )}
    </section>
  ));
}

const lengthOf = (bar: Card["bars"][number]) => bar.pieces.reduce((sum, one) => sum + one.mm, bar.offcut_mm);

const longest = (card: Card) => Math.max(...card.bars.map(lengthOf));

function Bar({ bar, longest }: { bar: Card["bars"][number]; longest: number }) {
  const share = (mm: number) => ({ flexGrow: mm, flexBasis: 0 });
  return (
    <div className="mt-2 break-inside-avoid">
      <div className="cut-bar" style={{ width: `${(100 * lengthOf(bar)) / longest}%` }} aria-hidden>
        {bar.pieces.map((piece) => (
          <span key={piece.pipe} className="cut-piece" style={share(piece.mm)} />
        ))}
        {bar.offcut_mm > 0 && <span className="cut-offcut" style={share(bar.offcut_mm)} />}
      </div>
      {bar.in_workshop && <p className="text-[13px] text-brass">From the workshop.</p>}
      {bar.pieces.map((piece) => (
        <PieceRow key={piece.pipe} piece={piece} />
      ))}
      {bar.offcut_mm > 0 && <p className="text-[13px] text-ink-2">{bar.offcut}</p>}
    </div>
  );
}
