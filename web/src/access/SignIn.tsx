import { type ReactNode, useEffect, useRef, useState } from "react";
import { api } from "../api/client";
import type { Who } from "../api/types";
import { EntryField } from "./EntryField";
import { useAsking } from "./useAsking";

const NAME = "yardcask.device-name";
const isInstalled = () => window.matchMedia("(display-mode: standalone)").matches;

type Props = {
  /** Whether it was in a moment ago: then there may be edits and notes that are not sent. */
  wasIn: boolean;
  onIn: (who: Who) => void;
};

/** How a device gets in: for good with a code, or with the passphrase. */
export default function SignIn({ wasIn, onIn }: Props) {
  const [name, setName] = useState(() => localStorage.getItem(NAME) ?? "");
  const [code, setCode] = useState("");
  const [passphrase, setPassphrase] = useState("");
  const heading = useRef<HTMLHeadingElement>(null);
  useEffect(() => {
    document.title = "Sign in · Yard Cask";
    heading.current?.focus();
  }, []);
  const come = async (asking: (name: string) => Promise<Who>) => {
    const given = name.trim();
    if (given === "") throw new Error("Give this device a name first, for example “Kitchen phone”.");
    onIn(await asking(given));
    localStorage.setItem(NAME, given);
  };
  return (
    <main className="mx-auto flex max-w-md flex-col gap-5 p-6">
      <header>
        <p className="label">Yard Cask</p>
        <h1 ref={heading} tabIndex={-1} data-autofocus>
          {wasIn ? "This device was signed out" : "This device is not paired yet"}
        </h1>
        {wasIn && (
          <p className="mt-1 text-ink-2">
            Edits and notes that were not sent yet are still on it. They are sent once it is signed in again.
          </p>
        )}
      </header>
      {!isInstalled() && (
        <p className="text-ink-2">
          On a phone, add this page to the home screen first and open it from there: pairing in the browser does not
          carry over.
        </p>
      )}
      <EntryField label="A name for this device" value={name} onChange={setName} placeholder="Kitchen phone" />
      <Way title="Pair it for good" button="Pair" onAsk={() => come((given) => api.pair(code, given))}>
        <p className="text-ink-2">Open “Devices” on a device that already has access, and ask for a code.</p>
        <EntryField label="Code, six digits" value={code} onChange={setCode} digits autoComplete="one-time-code" />
      </Way>
      <Way title="Or sign in" button="Sign in" onAsk={() => come((given) => api.signIn(passphrase, given))}>
        <EntryField
          label="Passphrase of the workshop"
          value={passphrase}
          onChange={setPassphrase}
          type="password"
          autoComplete="current-password"
        />
      </Way>
    </main>
  );
}

type WayProps = { title: string; button: string; onAsk: () => Promise<void>; children: ReactNode };

function Way({ title, button, onAsk, children }: WayProps) {
  const { busy, refusal, ask } = useAsking();
  return (
    <form
      className="card flex flex-col gap-3 p-4"
      aria-label={title}
      onSubmit={(event) => {
        event.preventDefault();
        void ask(onAsk);
      }}
    >
      <h2>{title}</h2>
      {children}
      {refusal && (
        <p role="alert" className="refusal">
          {refusal}
        </p>
      )}
      <button type="submit" className="go self-start" disabled={busy}>
        {button}
      </button>
    </form>
  );
}
