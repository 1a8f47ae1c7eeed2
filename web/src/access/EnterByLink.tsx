import { useEffect, useState } from "react";
import { useNavigate } from "react-router";
import { api } from "../api/client";
import type { Who } from "../api/types";
import { EntryField } from "./EntryField";
import { useAsking } from "./useAsking";

/** Where a link leads: nothing is shown, and nothing is used up, before somebody says who is coming. */
export default function EnterByLink({ onIn }: { onIn: (who: Who) => void }) {
  const [secret] = useState(() => window.location.hash.slice(1));
  const [name, setName] = useState("");
  const { busy, refusal, ask } = useAsking();
  const navigate = useNavigate();
  useEffect(() => {
    document.title = "A plan was shared · Yard Cask";
    // The link is not left in the address line.
    window.history.replaceState(window.history.state, "", window.location.pathname);
  }, []);
  const enter = async () => {
    if (name.trim() === "") throw new Error("Enter your name: your notes are signed with it.");
    const who = await api.enter(secret, name.trim());
    // A device of the workshop stays what it is.
    const isPaired = who.may === "plan" || who.may === "keep";
    if (!isPaired) onIn(who);
    navigate(`/plans/${who.plan}/${isPaired ? "use" : "print"}`, { replace: true });
  };
  return (
    <main className="mx-auto flex max-w-md flex-col gap-4 p-6">
      <p className="label">Yard Cask</p>
      <h1 tabIndex={-1}>Somebody has shared a plan with you</h1>
      <form
        className="card flex flex-col gap-3 p-4"
        onSubmit={(event) => {
          event.preventDefault();
          void ask(enter);
        }}
      >
        <EntryField
          label="Your name"
          value={name}
          onChange={setName}
          autoComplete="name"
          placeholder="as your notes will be signed"
        />
        {refusal && (
          <p role="alert" className="refusal">
            {refusal}
          </p>
        )}
        <button type="submit" className="go self-start" disabled={busy}>
          Open the plan
        </button>
      </form>
    </main>
  );
}
