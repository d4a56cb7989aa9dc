/** The part of the statistics library that answers are checked against. */
declare module "jstat" {
  const jStat: {
    mean: (values: number[]) => number;
    median: (values: number[]) => number;
    variance: (values: number[], sample: boolean) => number;
    corrcoeff: (ones: number[], others: number[]) => number;
    stdev: (values: number[], sample: boolean) => number;
    normal: { inv: (share: number, mean: number, stdev: number) => number };
    chisquare: { inv: (share: number, degrees: number) => number };
    centralF: { inv: (share: number, above: number, under: number) => number };
  };
  export default jStat;
}
