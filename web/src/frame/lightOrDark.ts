import { useEffect, useState } from "react";

export type Ground = "light" | "dark";

const KEY = "yardcask.ground";

/** Light or dark: as chosen here before, else as the system has it. */
export function useGround(): [Ground, () => void] {
  const [ground, setGround] = useState<Ground>(() => {
    const chosen = localStorage.getItem(KEY);
    if (chosen === "light" || chosen === "dark") return chosen;
    return window.matchMedia("(prefers-color-scheme: dark)").matches ? "dark" : "light";
  });
  useEffect(() => {
    document.documentElement.dataset.ground = ground;
  }, [ground]);
  const turn = () => {
    const next = ground === "light" ? "dark" : "light";
    localStorage.setItem(KEY, next);
    setGround(next);
  };
  return [ground, turn];
}
