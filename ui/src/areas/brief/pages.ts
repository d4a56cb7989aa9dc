export { BriefPage } from "./BriefPage";
export { Briefs } from "./Briefs";
