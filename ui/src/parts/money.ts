/** Money is counted in minor units; how many make one of the currency. */
export const minorPerUnit = (currency: string): number =>
  10 ** (new Intl.NumberFormat("en", { style: "currency", currency }).resolvedOptions().maximumFractionDigits ?? 2);

/** "EUR 164.84" */
export const moneyWords = (minor: number, currency: string): string =>
  new Intl.NumberFormat("en-GB", { style: "currency", currency, currencyDisplay: "code" }).format(minor / minorPerUnit(currency));
