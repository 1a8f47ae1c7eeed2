import { type ReactNode, useEffect, useRef, useState } from "react";
import { api } from "../api/client";
import { Refused } from "../api/errors";
import { EntryField } from "./EntryField";
import { useAsking } from "./useAsking";
import { useWho } from "./WhoContext";

/** Does what needs a passphrase that was just given: where it was not, it is asked for, and then that is done. */
export function useFresh(): { run: (asking: () => Promise<void>) => Promise<void>; refusal: string; form: ReactNode } {
  const [waiting, setWaiting] = useState<(() => Promise<void>) | null>(null);
  const { refusal, ask } = useAsking();
  const run = (asking: () => Promise<void>) =>
    ask(async () => {
      try {
        await asking();
      } catch (error) {
        if (!(error instanceof Refused && error.problem.passphrase)) throw error;
        setWaiting(() => asking);
      }
    });
  return {
    run,
    refusal,
    form: waiting && (
      <PassphraseAgain
        onGiven={() => {
          setWaiting(null);
          void run(waiting);
        }}
        onLeave={() => setWaiting(null)}
      />
    ),
  };
}

function PassphraseAgain({ onGiven, onLeave }: { onGiven: () => void; onLeave: () => void }) {
  const [passphrase, setPassphrase] = useState("");
  const { device } = useWho();
  const form = useRef<HTMLFormElement>(null);
  useEffect(() => form.current?.querySelector("input")?.focus(), []);
  const { busy, refusal, ask } = useAsking();
  return (
    <form
      ref={form}
      className="card my-3 flex flex-col gap-3 p-4"
      aria-label="The passphrase again"
      onSubmit={(event) => {
        event.preventDefault();
        void ask(async () => {
          await api.signIn(passphrase, device ?? "");
          onGiven();
        });
      }}
    >
      <p>Enter the workshop’s passphrase to do this. It then counts for 15 minutes.</p>
      <EntryField
        label="Passphrase of the workshop"
        value={passphrase}
        onChange={setPassphrase}
        type="password"
        autoComplete="current-password"
      />
      {refusal && (
        <p role="alert" className="refusal">
          {refusal}
        </p>
      )}
      <div className="flex gap-2">
        <button type="submit" className="go" disabled={busy}>
          Go on
        </button>
        <button type="button" className="plain" onClick={onLeave}>
          Cancel
        </button>
      </div>
    </form>
  );
}
