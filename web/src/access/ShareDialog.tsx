import { DialogTitle } from "@headlessui/react";
import { useQuery, useQueryClient } from "@tanstack/react-query";
import { useState } from "react";
import { api } from "../api/client";
import type { Share } from "../api/types";
import { Choice } from "../fields/Choice";
import { moment } from "../frame/moment";
import { usePlan } from "../plan/state/PlanContext";
import { OverPage } from "../plan/widgets/OverPage";
import { useFresh } from "./useFresh";

const MAY = [
  { value: "read", text: "read" },
  { value: "note", text: "read and note" },
];
const DAYS = [
  { value: "1", text: "1 day" },
  { value: "7", text: "7 days" },
  { value: "30", text: "30 days" },
];

/** Links to this plan, for people whose device is not paired. */
export function ShareDialog({ open, onClose }: { open: boolean; onClose: () => void }) {
  return (
    <OverPage open={open} onClose={onClose} className="max-h-[86vh] max-w-xl overflow-y-auto">
      <DialogTitle as="h2">Share this plan</DialogTitle>
      {open && <Links />}
      <button type="button" className="plain mt-3 self-end" onClick={onClose} data-autofocus>
        Close
      </button>
    </OverPage>
  );
}

function Links() {
  const { state } = usePlan();
  const client = useQueryClient();
  const who = useQuery({ queryKey: ["who", "now"], queryFn: api.who, gcTime: 0 });
  const list = useQuery({ queryKey: ["shares", state.id], queryFn: () => api.shares(state.id), gcTime: 0 });
  const fresh = useFresh();
  const [may, setMay] = useState("read");
  const [days, setDays] = useState("7");
  const [made, setMade] = useState<{ share: Share; link: string } | null>(null);
  const refresh = () => client.invalidateQueries({ queryKey: ["shares", state.id] });
  const make = () =>
    fresh.run(async () => {
      setMade(await api.share(state.id, may === "note", Number(days)));
      await refresh();
    });
  const end = (share: Share) =>
    fresh.run(async () => {
      await api.endShare(state.id, share.id);
      if (made?.share.id === share.id) setMade(null);
      await refresh();
    });
  if (!who.data) return <p className="my-2 text-ink-2">{who.error?.message ?? "Looking …"}</p>;
  if (who.data.address === null) {
    return (
      <p className="my-2">
        Only this machine can open Yard Cask at present, so a link would lead nowhere. Start it with{" "}
        <code>./yardcask start --open</code>, or export the plan file and send that.
      </p>
    );
  }
  return (
    <>
      <p className="my-2 text-ink-2">
        Whoever has the link sees this plan and no other, within the workshop’s network. The device must trust this
        server{who.data.trust && `, see ${who.data.trust}`}.
      </p>
      <div className="my-2 flex flex-wrap items-end gap-4">
        <Choice label="To" value={may} options={MAY} onChange={setMay} />
        <Choice label="For" value={days} options={DAYS} onChange={setDays} />
        <button type="button" className="go" onClick={() => void make()}>
          Make a link
        </button>
      </div>
      {fresh.form}
      {fresh.refusal && (
        <p role="alert" className="my-2 text-rust">
          {fresh.refusal}
        </p>
      )}
      {made && <NewLink link={made.link} />}
      {list.data && list.data.length > 0 && (
        <ul className="mt-2">
          {list.data.map((share) => (
            <li
              key={share.id}
              className="flex flex-wrap items-center justify-between gap-2 border-b border-dotted border-rule py-1.5"
            >
              <span>
                To {share.may_note ? "read and note" : "read"}, until {moment(share.expires_at)}
                {made?.share.id === share.id && " (the one above)"}
              </span>
              <button type="button" className="plain small" onClick={() => void end(share)}>
                End it
              </button>
            </li>
          ))}
        </ul>
      )}
    </>
  );
}

function NewLink({ link }: { link: string }) {
  const [copied, setCopied] = useState(false);
  return (
    <div className="card my-2 flex flex-col gap-2 p-3">
      <p>Copy the link now: it is not shown again.</p>
      <input
        type="text"
        className="w-full"
        readOnly
        aria-label="The link"
        value={link}
        onFocus={(event) => event.target.select()}
      />
      <button
        type="button"
        className="plain self-start"
        onClick={() => void navigator.clipboard.writeText(link).then(() => setCopied(true))}
      >
        {copied ? "Copied" : "Copy"}
      </button>
    </div>
  );
}
