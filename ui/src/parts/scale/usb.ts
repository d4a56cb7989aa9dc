import { readReport, type Report } from "./report";

/** HID Point of Sale: scales. */
const USAGE_PAGE = 0x8d;
const DATA_REPORT = 3;

export const hasUsb = (): boolean => "hid" in navigator;

/** Asks the person which scale; null where they choose none. */
export async function askForUsb(): Promise<HIDDevice | null> {
  return (await navigator.hid.requestDevice({ filters: [{ usagePage: USAGE_PAGE }] }))[0] ?? null;
}

/** A scale that was chosen here before; null where none was, or it is not plugged in. */
export async function knownUsb(): Promise<HIDDevice | null> {
  const devices = await navigator.hid.getDevices();

  return devices.find((it) => it.collections.some(({ usagePage }) => usagePage === USAGE_PAGE)) ?? null;
}

/** Listens to a scale until it is told to stop, or it is unplugged. */
export async function listenToUsb(device: HIDDevice, hear: (report: Report) => void, onGone: () => void): Promise<() => void> {
  if (!device.opened) await device.open();
  const onReport = ({ reportId, data }: HIDInputReportEvent): void => {
    // It may tell other things too: its limits, that it was zeroed.
    if (reportId !== DATA_REPORT) return;
    hear(readReport(Uint8Array.of(reportId, ...new Uint8Array(data.buffer, data.byteOffset, data.byteLength))));
  };
  const onDisconnect = ({ device: gone }: HIDConnectionEvent): void => {
    if (gone === device) onGone();
  };
  device.addEventListener("inputreport", onReport);
  navigator.hid.addEventListener("disconnect", onDisconnect);

  return () => {
    device.removeEventListener("inputreport", onReport);
    navigator.hid.removeEventListener("disconnect", onDisconnect);
    void device.close();
  };
}
