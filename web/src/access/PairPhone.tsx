import { QRCodeSVG } from "qrcode.react";
import { useEffect, useState } from "react";
import { api } from "../api/client";

type Props = { address: string; trust: string | null; run: (asking: () => Promise<void>) => Promise<void> };

/** The steps by which a phone gets in; the picture holds the address alone. */
export default function PairPhone({ address, trust, run }: Props) {
  const [code, setCode] = useState<{ code: string; expires_at: string } | null>(null);
  const left = useSecondsLeft(code?.expires_at);
  return (
    <div className="my-2 flex flex-wrap gap-x-5 gap-y-3">
      <ol className="min-w-0 flex-1 basis-64 list-decimal pl-5">
        {trust && (
          <li className="my-1">
            Once for each device: open <b className="break-words">{trust}</b> and follow its steps, so that it trusts
            this server.
          </li>
        )}
        <li className="my-1">
          Open <b className="break-words">{address}</b> on it, add the page to the home screen, and open it from there.
        </li>
        <li className="my-1">
          Type this code within two minutes:
          {code && left > 0 ? (
            <output className="my-1 block">
              <span className="big tracking-widest text-water">
                {code.code.slice(0, 3)} {code.code.slice(3)}
              </span>
              <span className="block text-[13px] text-ink-2">
                for {Math.floor(left / 60)}:{String(left % 60).padStart(2, "0")}, and for one device
              </span>
            </output>
          ) : (
            <button
              type="button"
              className="go mt-1 block"
              onClick={() => void run(async () => setCode(await api.newPairingCode()))}
            >
              {code ? "Show a new code" : "Show a code"}
            </button>
          )}
        </li>
      </ol>
      <div className="rounded bg-white p-3">
        <QRCodeSVG value={address} size={132} title={`The address ${address}`} />
      </div>
    </div>
  );
}

function useSecondsLeft(until: string | undefined): number {
  const [now, setNow] = useState(Date.now);
  useEffect(() => {
    if (until === undefined) return;
    setNow(Date.now());
    const tick = setInterval(() => setNow(Date.now()), 1000);
    return () => clearInterval(tick);
  }, [until]);
  return until === undefined ? 0 : Math.max(0, Math.round((Date.parse(until) - now) / 1000));
}
