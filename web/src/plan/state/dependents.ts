import type { Plan } from "../../api/types";

const owner = (end: string) => end.split(".")[0];

/** What goes with a tank, a bay or a part of the line, or hangs in the air without it, in words. */
export function dependents(plan: Plan, id: string): string[] {
  const tank = plan.tanks.find((one) => one.id === id);
  const ports = new Set(tank?.ports.map((port) => port.id));
  const hoses = plan.runs.filter((run) => ports.has(run.from));
  const standing = plan.tanks.filter((one) => one.bay === id);
  const pipes = plan.line.pipes.filter((pipe) => owner(pipe.from) === id || owner(pipe.to) === id);
  const fed = plan.use.uses.filter((use) => use.outlet === id);
  const drained = plan.use.uses.filter((use) => use.drains_to === id);
  const names = (parts: readonly { name: string }[]) => parts.map((part) => part.name).join(", ");
  return [
    hoses.length > 0 && `Goes with it: ${names(hoses)}`,
    tank && pipes.length > 0 && `Loses its tank: ${names(pipes)}`,
    standing.length > 0 && `Stays where it is, in no bay: ${names(standing)}`,
    fed.length > 0 && `Loses its outlet: ${names(fed)}`,
    drained.length > 0 && `Drains nowhere: ${names(drained)}`,
  ].filter((words) => words !== false && words !== undefined);
}
