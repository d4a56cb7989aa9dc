/** A choice of several with one put in, or taken out where it was in. */
export const toggled = <Item>(chosen: Item[], item: Item): Item[] =>
  chosen.includes(item) ? chosen.filter((it) => it !== item) : [...chosen, item];
