export { ClassLookPage } from "./ClassLookPage";
export { OverTime } from "./OverTime";
