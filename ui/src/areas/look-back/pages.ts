export { ClassLookPage } from "./ClassLookPage";
export { CoursePage } from "./CoursePage";
export { FairnessPage } from "./FairnessPage";
export { OverTime } from "./OverTime";
export { OwnCarcassPage } from "./OwnCarcassPage";
export { SchoolReportPage } from "./SchoolReportPage";
export { StandardLookPage } from "./StandardLookPage";
