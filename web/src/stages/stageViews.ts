import { type ComponentType, lazy } from "react";
import { untilFetched } from "../api/fetched";
import type { StageName } from "../api/types";

const FILES = import.meta.glob<{ default: ComponentType }>("./*/index.tsx");

/** The view of each stage that has a folder here, loaded when it is first opened. */
const VIEWS = new Map(
  Object.entries(FILES).map(([file, load]) => [file.split("/")[1], lazy(untilFetched(load))] as const),
);

export function stageView(name: string): ComponentType | undefined {
  return VIEWS.get(name);
}

export function hasView(name: string | undefined): name is StageName {
  return VIEWS.has(name);
}
