/** Figures as they are shown; nothing here decides anything. */

export const grams = (mg: number): string => `${trimmed(mg / 1000, 1)} g`;

export const bareGrams = (mg: number): string => trimmed(mg / 1000, 1);

export const signedGrams = (mg: number): string => `${mg < 0 ? "−" : "+"}${trimmed(Math.abs(mg) / 1000, 1)} g`;

export const percent = (share: number, places = 1): string => `${(share * 100).toFixed(places).replace("-", "−")} %`;

export const points = (figure: number, places = 1): string => figure.toFixed(places);

/** m:ss, as a kitchen clock shows it. */
export const clock = (ms: number): string => {
  const seconds = Math.max(0, Math.floor(ms / 1000));

  return `${Math.floor(seconds / 60)}:${String(seconds % 60).padStart(2, "0")}`;
};

export const minutes = (ms: number): string => String(Math.round(ms / 60_000));

export const day = (date: string): string =>
  new Date(`${date}T00:00:00`).toLocaleDateString("en-GB", { weekday: "long", day: "numeric", month: "long" });

export const timeOfDay = (instant: string): string => new Date(instant).toLocaleTimeString("en-GB");

const trimmed = (figure: number, places: number): string => String(Number(figure.toFixed(places)));
