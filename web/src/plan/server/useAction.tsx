import { type QueryKey, useQueryClient } from "@tanstack/react-query";
import { useRef, useState } from "react";
import { whyNot } from "../../api/whyNot";

type Outcome = { words: readonly string[]; refused: boolean };

/** Does something on the server, has what it changes read again, and keeps what came of it, to be said. */
export function useAction(...changes: readonly QueryKey[]) {
  const queries = useQueryClient();
  const [said, setSaid] = useState<Outcome>({ words: [], refused: false });
  /** What is being done, in words: however often it is pressed, it is done once at a time. */
  const isDoing = useRef(new Set<string>());
  /** Whether it was done. */
  const doIt = async (doing: () => Promise<unknown>, done: string): Promise<boolean> => {
    if (isDoing.current.has(done)) return false;
    isDoing.current.add(done);
    try {
      await doing();
      await Promise.all(changes.map((queryKey) => queries.invalidateQueries({ queryKey })));
      setSaid({ words: done === "" ? [] : [done], refused: false });
      return true;
    } catch (error) {
      setSaid({ words: whyNot(error), refused: true });
      return false;
    } finally {
      isDoing.current.delete(done);
    }
  };
  return [said, doIt] as const;
}

/** What came of it. */
export function Said({ id, said }: { id?: string; said: Outcome }) {
  return (
    <div
      id={id}
      role={said.refused ? "alert" : "status"}
      className={said.refused ? "refusal" : "text-[13px] text-ink-2"}
    >
      {said.words.map((words) => (
        <p key={words}>{words}</p>
      ))}
    </div>
  );
}
