import { DialogTitle } from "@headlessui/react";
import { useQuery, useQueryClient } from "@tanstack/react-query";
import { lazy, Suspense, useState } from "react";
import { api } from "../api/client";
import { untilFetched } from "../api/fetched";
import type { Device } from "../api/types";
import { moment } from "../frame/moment";
import { OverPage } from "../plan/widgets/OverPage";
import { EntryField } from "./EntryField";
import { useFresh } from "./useFresh";

const PairPhone = lazy(untilFetched(() => import("./PairPhone")));

/** Which devices are let in, letting in another, and putting one out. */
export function DevicesDialog({ open, onClose }: { open: boolean; onClose: () => void }) {
  return (
    <OverPage open={open} onClose={onClose} className="max-h-[90vh] max-w-xl">
      <DialogTitle as="h2">Devices</DialogTitle>
      {/* biome-ignore lint/a11y/noNoninteractiveTabindex: a long list is scrolled with the keyboard */}
      <section className="min-h-0 overflow-y-auto px-1" aria-label="Who is let in" tabIndex={0}>
        {open && <Devices />}
      </section>
      <button type="button" className="plain mt-3 self-end" onClick={onClose} data-autofocus>
        Close
      </button>
    </OverPage>
  );
}

function Devices() {
  const who = useQuery({ queryKey: ["who", "now"], queryFn: api.who, gcTime: 0 });
  const list = useQuery({ queryKey: ["devices"], queryFn: api.devices, gcTime: 0, refetchInterval: 5000 });
  const client = useQueryClient();
  const fresh = useFresh();
  const [changing, setChanging] = useState(false);
  const remove = (device: Device) =>
    fresh.run(async () => {
      await api.removeDevice(device.id);
      await client.invalidateQueries({ queryKey: ["devices"] });
    });
  const signOut = async () => {
    await api.signOut();
    // What it kept to be looked at without a connection is not for whoever comes next.
    for (const name of await caches.keys()) if (name.startsWith(KEPT)) await caches.delete(name);
    await client.invalidateQueries({ queryKey: ["who"] });
  };
  if (!who.data) return <p className="text-ink-2">{who.error?.message ?? "Looking …"}</p>;
  return (
    <>
      {who.data.address === null ? (
        <p className="my-2">
          Only this machine can open Yard Cask at present. To let the workshop’s phones in, start it with{" "}
          <code>./yardcask start --open</code>
        </p>
      ) : (
        <Suspense fallback={null}>
          <PairPhone address={who.data.address} trust={who.data.trust} run={fresh.run} />
        </Suspense>
      )}
      {fresh.form}
      {fresh.refusal && (
        <p role="alert" className="my-2 text-rust">
          {fresh.refusal}
        </p>
      )}
      {list.data && list.data.length > 0 && (
        <>
          <h3 className="label mt-4">Let in</h3>
          <ul>
            {list.data.map((device) => (
              <DeviceRow key={device.id} device={device} onRemove={() => remove(device)} />
            ))}
          </ul>
        </>
      )}
      <p className="my-2 text-[13px] text-ink-2">
        Whatever a device saves or notes carries its name. What is done on the server itself carries no name.
      </p>
      {changing ? (
        <NewPassphrase onDone={() => setChanging(false)} />
      ) : (
        <div className="flex flex-wrap gap-2">
          <button type="button" className="plain" onClick={() => setChanging(true)}>
            Change the passphrase
          </button>
          {!who.data.here && (
            <button type="button" className="plain" onClick={() => void signOut()}>
              Sign this device out
            </button>
          )}
        </div>
      )}
    </>
  );
}

/** How the names of the service worker’s caches begin. */
const KEPT = "yardcask-";

const WAYS = { paired: "paired", signed_in: "signed in with the passphrase", link: "came by a link" };

function DeviceRow({ device, onRemove }: { device: Device; onRemove: () => void }) {
  const [sure, setSure] = useState(false);
  return (
    <li className="flex flex-wrap items-center justify-between gap-x-4 gap-y-1 border-b border-dotted border-rule py-2">
      <span className="min-w-0">
        <b className="block font-[620] break-words">{device.name}</b>
        <span className="block text-[13px] text-ink-2">
          {WAYS[device.kind]}, {device.is_this ? "this device" : `seen ${moment(device.last_seen_at)}`}
        </span>
      </span>
      {sure ? (
        <span role="group" aria-label={`Remove ${device.name}?`} className="flex gap-2">
          <button type="button" className="plain small" onClick={onRemove}>
            Remove it
          </button>
          <button type="button" className="plain small" onClick={() => setSure(false)}>
            Keep it
          </button>
        </span>
      ) : (
        <button
          type="button"
          className="plain small"
          aria-label={`Remove ${device.name}`}
          onClick={() => setSure(true)}
        >
          Remove
        </button>
      )}
    </li>
  );
}

function NewPassphrase({ onDone }: { onDone: () => void }) {
  const [passphrase, setPassphrase] = useState("");
  const fresh = useFresh();
  const change = async () => {
    await api.changePassphrase(passphrase);
    onDone();
  };
  return (
    <>
      <form
        className="flex flex-col gap-3"
        onSubmit={(event) => {
          event.preventDefault();
          void fresh.run(change);
        }}
      >
        <p>Changing it signs every device out, and ends every link.</p>
        <EntryField
          label="New passphrase, at least 10 characters"
          value={passphrase}
          onChange={setPassphrase}
          type="password"
          autoComplete="new-password"
        />
        {fresh.refusal && (
          <p role="alert" className="refusal">
            {fresh.refusal}
          </p>
        )}
        <div className="flex gap-2">
          <button type="submit" className="go">
            Change it
          </button>
          <button type="button" className="plain" onClick={onDone}>
            Cancel
          </button>
        </div>
      </form>
      {fresh.form}
    </>
  );
}
