/** The pages one works on before and after the hour. They come in a file of their own, so that a tray opens without waiting for them. */
export { BriefPage } from "../areas/brief/BriefPage";
export { Briefs } from "../areas/brief/Briefs";
export { Changes } from "../areas/people/Changes";
export { LotPage } from "../areas/ledger/LotPage";
export { Money } from "../areas/ledger/Money";
export { OnHand } from "../areas/ledger/OnHand";
export { Pots } from "../areas/ledger/Pots";
export { Week } from "../areas/ledger/Week";
export { Today } from "../areas/ledger/Today";
export { People } from "../areas/people/People";
export { ImportRoster } from "../areas/roster/ImportRoster";
export { Roster } from "../areas/roster/Roster";
export { PolicyPage } from "../areas/standards/policy/PolicyPage";
export { SchoolPage } from "../areas/standards/SchoolPage";
export { KeptDraft } from "../areas/standards/editor/KeptDraft";
export { NewStandard } from "../areas/standards/editor/NewStandard";
export { StandardEditor } from "../areas/standards/editor/StandardEditor";
