export { LotPage } from "./LotPage";
export { Money } from "./Money";
export { OnHand } from "./OnHand";
export { Pots } from "./Pots";
export { Term } from "./Term";
export { Today } from "./Today";
export { Week } from "./Week";
