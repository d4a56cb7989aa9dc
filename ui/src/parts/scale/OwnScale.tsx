import { createContext, use, useCallback, useEffect, useMemo, useRef, useState, type ReactNode } from "react";
import type { ScaleState } from "../../api/useScale";
import { upperFirst } from "../format";
import type { Report } from "./report";
import { hasSerial, listenToSerial } from "./serial";
import { askForUsb, hasUsb, knownUsb, listenToUsb } from "./usb";

type Plug = "usb" | "serial";

interface OwnScale {
  /** What it says; null where this device has no scale of its own. */
  state: ScaleState | null;
  name: string | null;
  /** Why the last try came to nothing. */
  problem: string | null;
  connect: (plug: Plug, baudRate?: number) => Promise<void>;
  disconnect: () => void;
}

const OwnScaleContext = createContext<OwnScale | null>(null);

export function useOwnScale(): OwnScale {
  const own = use(OwnScaleContext);
  if (own === null) throw new Error("no scale is connected out here");

  return own;
}

/** The ways this browser can hear a scale that is plugged into the device. */
export const plugs = (): Plug[] => [...(hasUsb() ? (["usb"] as const) : []), ...(hasSerial() ? (["serial"] as const) : [])];

const LATE_MS = 4_000;
const silent = (detail: string): ScaleState => ({ line: "silent", detail });
const late = silent("Nothing comes from this device's scale. Wake it, or type the weight.");
const gone = silent("This device's scale is unplugged. Plug it in again, or type the weight.");

const key = "deft-blade.own-scale";

interface Remembered {
  plug: Plug;
  baudRate: number;
}

interface Plugged {
  name: string;
  stop: () => void;
}

/** Opens a scale: one that was chosen here before, or one the person chooses now; null where there is none. */
async function plugIn(
  { plug, baudRate }: Remembered,
  isKnown: boolean,
  hear: (report: Report) => void,
  onGone: () => void,
): Promise<Plugged | null> {
  if (plug === "usb") {
    const device = isKnown ? await knownUsb() : await askForUsb();

    return device && { name: device.productName || "USB scale", stop: await listenToUsb(device, hear, onGone) };
  }
  const port = isKnown ? (await navigator.serial.getPorts())[0] : await navigator.serial.requestPort();

  return port === undefined ? null : { name: "Serial scale", stop: await listenToSerial(port, baudRate, hear, onGone) };
}

/** How the last scale of this device was connected: it is heard again without asking. */
function remembered(): Remembered | null {
  const [plug, baud] = (localStorage.getItem(key) ?? "").split(" ");

  return plug === "usb" || plug === "serial" ? { plug, baudRate: Number(baud) || DEFAULT_BAUD } : null;
}

export const DEFAULT_BAUD = 9_600;

/** Everything inside may weigh with a scale that is plugged into this device, where it has one. */
export function OwnScaleProvider({ children }: { children: ReactNode }) {
  const [state, setState] = useState<ScaleState | null>(null);
  const [name, setName] = useState<string | null>(null);
  const [problem, setProblem] = useState<string | null>(null);
  const stop = useRef<(() => void) | null>(null);
  const timer = useRef<ReturnType<typeof setTimeout> | undefined>(undefined);
  const hear = useCallback((report: Report): void => {
    clearTimeout(timer.current);
    timer.current = setTimeout(() => setState(late), LATE_MS);
    setState("unreadable" in report ? silent(`${upperFirst(report.unreadable)}.`) : { line: "reading", reading: report });
  }, []);
  const onGone = useCallback((): void => {
    clearTimeout(timer.current);
    setState((before) => before && gone);
  }, []);
  const take = useCallback((plugged: Plugged): void => {
    stop.current = plugged.stop;
    setName(plugged.name);
    setState({ line: "connecting" });
    timer.current = setTimeout(() => setState(late), LATE_MS);
  }, []);
  useEffect(() => {
    const known = remembered();
    let isGone = false;
    if (known !== null && plugs().includes(known.plug))
      plugIn(known, true, hear, onGone).then(
        (plugged) => (isGone ? plugged?.stop() : plugged && take(plugged)),
        () => undefined,
      );

    return () => {
      isGone = true;
      clearTimeout(timer.current);
      stop.current?.();
      stop.current = null;
    };
  }, [hear, onGone, take]);
  const own = useMemo(
    (): OwnScale => ({
      state,
      name,
      problem,
      connect: async (plug, baudRate = DEFAULT_BAUD) => {
        setProblem(null);
        try {
          const plugged = await plugIn({ plug, baudRate }, false, hear, onGone);
          if (plugged === null) return;
          localStorage.setItem(key, `${plug} ${baudRate}`);
          take(plugged);
        } catch (thrown) {
          // Who closes the browser's list without a choice has not failed at anything.
          if (!(thrown instanceof DOMException && thrown.name === "NotFoundError"))
            setProblem("This scale could not be opened. Is another program using it?");
        }
      },
      disconnect: () => {
        stop.current?.();
        stop.current = null;
        clearTimeout(timer.current);
        localStorage.removeItem(key);
        setState(null);
        setName(null);
      },
    }),
    [state, name, problem, hear, onGone, take],
  );

  return <OwnScaleContext value={own}>{children}</OwnScaleContext>;
}
