const listeners = new Set<() => void>();

/** The server no longer knows this device. */
export function tellSignedOut(): void {
  for (const listener of listeners) listener();
}

export function onSignedOut(listener: () => void): () => void {
  listeners.add(listener);
  return () => listeners.delete(listener);
}
