import { createBrowserRouter } from "react-router";
import { Bench } from "../areas/bench/Bench";
import { BriefPage } from "../areas/brief/BriefPage";
import { Briefs } from "../areas/brief/Briefs";
import { Floor } from "../areas/floor/Floor";
import { Wall } from "../areas/floor/Wall";
import { Account } from "../areas/people/Account";
import { Changes } from "../areas/people/Changes";
import { People } from "../areas/people/People";
import { ImportRoster } from "../areas/roster/ImportRoster";
import { Roster } from "../areas/roster/Roster";
import { ClassSheet } from "../areas/sheet/ClassSheet";
import { PolicyPage } from "../areas/standards/policy/PolicyPage";
import { SchoolPage } from "../areas/standards/SchoolPage";
import { Shelf } from "../areas/standards/Shelf";
import { KeptDraft } from "../areas/standards/editor/KeptDraft";
import { NewStandard } from "../areas/standards/editor/NewStandard";
import { StandardEditor } from "../areas/standards/editor/StandardEditor";
import { StandardPage } from "../areas/standards/StandardPage";
import { TakeCode } from "../areas/sign-in/TakeCode";
import { TrayArea } from "../areas/tray/TrayArea";
import { ReleasedVerdict, CurrentVerdict } from "../areas/verdict/Verdict";
import { NotFound, ScreenFault } from "./NotFound";
import { Shell } from "./Shell";

export const router = createBrowserRouter([
  { path: "/code/:code?", element: <TakeCode />, errorElement: <ScreenFault /> },
  {
    path: "/",
    element: <Shell />,
    errorElement: <ScreenFault />,
    children: [
      { index: true, element: <Bench /> },
      { path: "brief", element: <Briefs /> },
      { path: "brief/:brief", element: <BriefPage /> },
      { path: "roster", element: <Roster /> },
      { path: "roster/import", element: <ImportRoster /> },
      { path: "people", element: <People /> },
      { path: "people/changes", element: <Changes /> },
      { path: "account", element: <Account /> },
      { path: "tray/:attempt/:step?", element: <TrayArea /> },
      { path: "verdict/:attempt", element: <CurrentVerdict /> },
      { path: "result/:attempt", element: <ReleasedVerdict /> },
      { path: "sheet/:assessment", element: <ClassSheet /> },
      { path: "floor/wall/:assessment?", element: <Wall /> },
      { path: "floor/:assessment?", element: <Floor /> },
      { path: "standards", element: <Shelf /> },
      { path: "standards/new", element: <NewStandard /> },
      { path: "standards/school", element: <SchoolPage /> },
      { path: "standards/policy", element: <PolicyPage /> },
      { path: "standards/drafts/:draft", element: <KeptDraft /> },
      { path: "standards/:standard/edit", element: <StandardEditor /> },
      { path: "standards/:standard", element: <StandardPage /> },
      { path: "*", element: <NotFound /> },
    ],
  },
]);
