/** The pages on which standards, the policy and the school are written. */
export { KeptDraft } from "./editor/KeptDraft";
export { NewStandard } from "./editor/NewStandard";
export { PolicyPage } from "./policy/PolicyPage";
export { SchoolPage } from "./SchoolPage";
export { StandardEditor } from "./editor/StandardEditor";
