/** What is pushed at one address: what to do at each event, and whether anything can be heard there. */
interface Listening {
  events: Record<string, (said: unknown) => void>;
  /** Told when it is open, and when it is not any more. */
  onHeard: (isHeard: boolean) => void;
}

/** The browser opens a stream that broke by itself; one that was refused it gives up, and it is opened anew after this. */
const AGAIN_MS = 5_000;

/** Listens to server-sent events until it is told to stop. */
export function listen(address: string, { events, onHeard }: Listening): () => void {
  let again: ReturnType<typeof setTimeout> | undefined;
  let source: EventSource | undefined;
  const open = (): void => {
    source = new EventSource(address);
    source.addEventListener("open", () => onHeard(true));
    source.addEventListener("error", () => {
      onHeard(false);
      if (source?.readyState === EventSource.CLOSED) again = setTimeout(open, AGAIN_MS);
    });
    for (const [event, hear] of Object.entries(events))
      source.addEventListener(event, ({ data }: MessageEvent<string>) => hear(JSON.parse(data)));
  };
  open();

  return () => {
    clearTimeout(again);
    source?.close();
  };
}
