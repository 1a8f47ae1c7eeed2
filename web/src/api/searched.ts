/** So many candidates of so many are tried. */
export type Progress = { done: number; of: number };
export type OnProgress = (progress: Progress) => void;

/** What a search has found, and in words why not all was tried; null where all was. */
export type Searched<T> = { found: T; stopped: string | null };

/** A search ended before it had answered. It is not asked again by itself. */
export class CutOff extends Error {
  constructor() {
    super("This search was cut off before its end.");
  }
}

/** Reads the lines in which the server says how far a search is, and at the end what it has found. */
export async function searched<T>(
  stream: ReadableStream<Uint8Array> | null | undefined,
  onProgress: OnProgress = () => {},
): Promise<Searched<T>> {
  if (!stream) throw new CutOff();
  const reader = stream.pipeThrough(new TextDecoderStream() as TransformStream<Uint8Array, string>).getReader();
  let rest = "";
  let answer: Searched<T> | undefined;
  const read = (line: string) => {
    const said = JSON.parse(line) as Progress | Searched<T>;
    if ("found" in said) answer = said;
    else onProgress(said);
  };
  for (;;) {
    const { done, value } = await reader.read().catch((error: unknown) => {
      // Whoever has ended it hears just that.
      throw error instanceof DOMException && error.name === "AbortError" ? error : new CutOff();
    });
    if (done) break;
    const lines = (rest + value).split("\n");
    rest = lines.pop() ?? "";
    for (const line of lines) read(line);
  }
  if (!answer) throw new CutOff();
  return answer;
}
