import { useEffect, useState, useSyncExternalStore } from "react";

export type Ground = "light" | "dark";

const KEY = "yardcask.ground";
const SYSTEM = window.matchMedia("(prefers-color-scheme: dark)");

function followSystem(changed: () => void): () => void {
  SYSTEM.addEventListener("change", changed);
  return () => SYSTEM.removeEventListener("change", changed);
}

function chosenHere(): Ground | null {
  const chosen = localStorage.getItem(KEY);
  return chosen === "light" || chosen === "dark" ? chosen : null;
}

/** Light or dark: as chosen here before, else as the system has it, also when that changes. */
export function useGround(): [Ground, () => void] {
  const [chosen, setChosen] = useState(chosenHere);
  const system: Ground = useSyncExternalStore(followSystem, () => SYSTEM.matches) ? "dark" : "light";
  const ground = chosen ?? system;
  useEffect(() => {
    document.documentElement.dataset.ground = ground;
  }, [ground]);
  const turn = () => {
    const next = ground === "light" ? "dark" : "light";
    localStorage.setItem(KEY, next);
    setChosen(next);
  };
  return [ground, turn];
}
