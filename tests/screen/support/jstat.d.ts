/** The part of the statistics library that answers are checked against. */
declare module "jstat" {
  const jStat: {
    mean: (values: number[]) => number;
    stdev: (values: number[], sample: boolean) => number;
    centralF: { inv: (share: number, above: number, under: number) => number };
  };
  export default jStat;
}
