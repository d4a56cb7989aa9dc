import { readLine } from "./line";
import type { Report } from "./report";

/** What is longer without an end is no line. */
const LONGEST = 120;

export const hasSerial = (): boolean => "serial" in navigator;

/** Lines out of what comes in pieces, whatever they end with. */
export function linesOf(hear: (line: string) => void): (piece: string) => void {
  let rest = "";

  return (piece) => {
    const lines = (rest + piece).split(/[\r\n]+/);
    rest = (lines.pop() ?? "").slice(-LONGEST);
    for (const line of lines) if (line.trim() !== "") hear(line);
  };
}

/** Listens to a scale until it is told to stop, or it is unplugged. */
export async function listenToSerial(
  port: SerialPort,
  baudRate: number,
  hear: (report: Report) => void,
  onGone: () => void,
): Promise<() => void> {
  if (port.readable === null) await port.open({ baudRate });
  const reader = port.readable?.getReader();
  const decoder = new TextDecoder();
  const take = linesOf((line) => hear(readLine(line)));
  const read = async (): Promise<void> => {
    for (let got = await reader?.read(); got !== undefined && !got.done; got = await reader?.read())
      take(decoder.decode(got.value, { stream: true }));
  };
  read().then(onGone, onGone);

  return () => void reader?.cancel().then(() => port.close());
}
