import type { ComponentType } from "react";
import { createBrowserRouter, type RouteObject } from "react-router";
import { Bench } from "../areas/bench/Bench";
import { TakeCode } from "../areas/sign-in/TakeCode";
import { Loading } from "../parts/Loading";
import { areas } from "./areas";
import { NotFound, ScreenFault } from "./NotFound";
import { Shell } from "./Shell";

/** A page of an area, whose file is fetched when it is first gone to; without a network, from what the worker keeps. */
const page =
  <Name extends string>(area: () => Promise<Record<Name, ComponentType>>, name: Name): (() => Promise<{ Component: ComponentType }>) =>
  async () => ({ Component: (await area())[name] });

/** Every address of the screen. */
export const pages: RouteObject[] = [
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
          { path: "brief", lazy: page(areas.brief, "Briefs") },
          { path: "brief/:brief", lazy: page(areas.brief, "BriefPage") },
          { path: "ledger", lazy: page(areas.ledger, "Today") },
          { path: "ledger/on-hand", lazy: page(areas.ledger, "OnHand") },
          { path: "ledger/pots", lazy: page(areas.ledger, "Pots") },
          { path: "ledger/money", lazy: page(areas.ledger, "Money") },
          { path: "ledger/week", lazy: page(areas.ledger, "Week") },
          { path: "ledger/term", lazy: page(areas.ledger, "Term") },
          { path: "ledger/lots/:lot", lazy: page(areas.ledger, "LotPage") },
          { path: "roster", lazy: page(areas.roster, "Roster") },
          { path: "roster/import", lazy: page(areas.roster, "ImportRoster") },
          { path: "look-back/report", lazy: page(areas.lookBack, "SchoolReportPage") },
          { path: "look-back/students/:student", lazy: page(areas.lookBack, "CoursePage") },
          { path: "look-back/standards/:standard", lazy: page(areas.lookBack, "StandardLookPage") },
          { path: "look-back/standards/:standard/carcasses", lazy: page(areas.lookBack, "OwnCarcassPage") },
          { path: "look-back/standards/:standard/fairness", lazy: page(areas.lookBack, "FairnessPage") },
          { path: "look-back/:assessment", lazy: page(areas.lookBack, "ClassLookPage") },
          { path: "look-back", lazy: page(areas.lookBack, "OverTime") },
          { path: "practice", lazy: page(areas.practice, "PracticeShelf") },
          { path: "called/:called", lazy: page(areas.practice, "CalledPage") },
          { path: "written/:attempt", lazy: page(areas.practice, "WrittenPage") },
          { path: "practice/:standard", lazy: page(areas.practice, "PracticePage") },
          { path: "practice/:standard/demonstration", lazy: page(areas.practice, "DemonstrationPage") },
          { path: "practice/:standard/follow", lazy: page(areas.practice, "FollowAlong") },
          { path: "practice/:standard/opener", lazy: page(areas.practice, "OpenerPage") },
          { path: "roster/:group/practice", lazy: page(areas.practice, "GroupPracticePage") },
          { path: "practice/:standard/quiz", lazy: page(areas.practice, "QuizPage") },
          { path: "practice/:standard/tray/:tray", lazy: page(areas.practice, "PracticeTrayPage") },
          { path: "people", lazy: page(areas.people, "People") },
          { path: "people/changes", lazy: page(areas.people, "Changes") },
          { path: "account", lazy: page(areas.people, "Account") },
          { path: "tray/:attempt/:step?", lazy: page(areas.tray, "TrayArea") },
          { path: "moderation/:assessment/:tab?", lazy: page(areas.moderation, "ModerationPage") },
          { path: "agree/:attempt", lazy: page(areas.moderation, "Agree") },
          { path: "appeal/:attempt", lazy: page(areas.moderation, "AppealPage") },
          { path: "standardising", lazy: page(areas.moderation, "StandardisingSets") },
          { path: "standardising/:set", lazy: page(areas.moderation, "StandardisingPage") },
          { path: "agreement", lazy: page(areas.moderation, "AgreementPage") },
          { path: "verdict/:attempt", lazy: page(areas.verdict, "CurrentVerdict") },
          { path: "result/:attempt", lazy: page(areas.verdict, "ReleasedVerdict") },
          { path: "sheet/:assessment", lazy: page(areas.verdict, "ClassSheet") },
          { path: "floor/wall/:assessment?", lazy: page(areas.floor, "Wall") },
          { path: "floor/:assessment?", lazy: page(areas.floor, "Floor") },
          { path: "standards", lazy: page(areas.standards, "Shelf") },
          { path: "standards/new", lazy: page(areas.standardsDesk, "NewStandard") },
          { path: "standards/school", lazy: page(areas.standardsDesk, "SchoolPage") },
          { path: "standards/policy", lazy: page(areas.standardsDesk, "PolicyPage") },
          { path: "standards/drafts/:draft", lazy: page(areas.standardsDesk, "KeptDraft") },
          { path: "standards/:standard/edit", lazy: page(areas.standardsDesk, "StandardEditor") },
          { path: "standards/:standard", lazy: page(areas.standards, "StandardPage") },
          { path: "*", element: <NotFound /> },
        ],
      },
    ],
  },
];

export const router = createBrowserRouter(pages);
