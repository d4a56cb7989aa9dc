/** With its sign: +1.2, −0.4, 0.0. */
export const signed = (figure: number, places = 1): string => {
  const text = Math.abs(figure).toFixed(places);

  return Number(text) === 0 ? text : `${figure > 0 ? "+" : "−"}${text}`;
};
