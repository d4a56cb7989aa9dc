import type { ComponentType } from "react";
import { createBrowserRouter } from "react-router";
import { Bench } from "../areas/bench/Bench";
import { Floor } from "../areas/floor/Floor";
import { Wall } from "../areas/floor/Wall";
import { Account } from "../areas/people/Account";
import { ClassSheet } from "../areas/sheet/ClassSheet";
import { Shelf } from "../areas/standards/Shelf";
import { StandardPage } from "../areas/standards/StandardPage";
import { TakeCode } from "../areas/sign-in/TakeCode";
import { TrayArea } from "../areas/tray/TrayArea";
import { ReleasedVerdict, CurrentVerdict } from "../areas/verdict/Verdict";
import { Loading } from "../parts/Notice";
import { NotFound, ScreenFault } from "./NotFound";
import { Shell } from "./Shell";
import type * as Desk from "./desk";

/** A page of before or after the hour, fetched when it is first gone to; without a network, from what the worker keeps. */
const atTheDesk =
  (page: keyof typeof Desk): (() => Promise<{ Component: ComponentType }>) =>
  async () => ({ Component: (await import("./desk"))[page] });

export const router = createBrowserRouter([
  { path: "/code/:code?", element: <TakeCode />, errorElement: <ScreenFault /> },
  {
    path: "/",
    element: <Shell />,
    HydrateFallback: () => <Loading what="the page" />,
    errorElement: <ScreenFault />,
    children: [
      {
        // What one page trips over leaves the rail and the others standing.
        errorElement: <ScreenFault />,
        children: [
          { index: true, element: <Bench /> },
          { path: "brief", lazy: atTheDesk("Briefs") },
          { path: "brief/:brief", lazy: atTheDesk("BriefPage") },
          { path: "ledger", lazy: atTheDesk("Today") },
          { path: "ledger/on-hand", lazy: atTheDesk("OnHand") },
          { path: "ledger/pots", lazy: atTheDesk("Pots") },
          { path: "ledger/money", lazy: atTheDesk("Money") },
          { path: "ledger/week", lazy: atTheDesk("Week") },
          { path: "ledger/term", lazy: atTheDesk("Term") },
          { path: "ledger/lots/:lot", lazy: atTheDesk("LotPage") },
          { path: "roster", lazy: atTheDesk("Roster") },
          { path: "roster/import", lazy: atTheDesk("ImportRoster") },
          { path: "people", lazy: atTheDesk("People") },
          { path: "people/changes", lazy: atTheDesk("Changes") },
          { path: "account", element: <Account /> },
          { path: "tray/:attempt/:step?", element: <TrayArea /> },
          { path: "moderation/:assessment/:tab?", lazy: atTheDesk("ModerationPage") },
          { path: "agree/:attempt", lazy: atTheDesk("Agree") },
          { path: "appeal/:attempt", lazy: atTheDesk("AppealPage") },
          { path: "standardising", lazy: atTheDesk("StandardisingSets") },
          { path: "standardising/:set", lazy: atTheDesk("StandardisingPage") },
          { path: "agreement", lazy: atTheDesk("AgreementPage") },
          { path: "verdict/:attempt", element: <CurrentVerdict /> },
          { path: "result/:attempt", element: <ReleasedVerdict /> },
          { path: "sheet/:assessment", element: <ClassSheet /> },
          { path: "floor/wall/:assessment?", element: <Wall /> },
          { path: "floor/:assessment?", element: <Floor /> },
          { path: "standards", element: <Shelf /> },
          { path: "standards/new", lazy: atTheDesk("NewStandard") },
          { path: "standards/school", lazy: atTheDesk("SchoolPage") },
          { path: "standards/policy", lazy: atTheDesk("PolicyPage") },
          { path: "standards/drafts/:draft", lazy: atTheDesk("KeptDraft") },
          { path: "standards/:standard/edit", lazy: atTheDesk("StandardEditor") },
          { path: "standards/:standard", element: <StandardPage /> },
          { path: "*", element: <NotFound /> },
        ],
      },
    ],
  },
]);
