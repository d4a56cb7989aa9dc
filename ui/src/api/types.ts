import type { components, operations } from "./schema";

type Schemas = components["schemas"];

export type User = Schemas["UserView"];
export type Start = Schemas["StartView"];
export type Person = Schemas["PersonView"];
export type IssuedCode = Schemas["IssuedCodeView"];
export type Change = Schemas["ChangeView"];
export type Found = Schemas["FoundView"];
export type Group = Schemas["GroupView"];
export type Student = Schemas["StudentView"];
export type Allowance = Schemas["AccommodationView"];
export type RosterPlan = Schemas["RosterPlanView"];
export type RosterColumn = NonNullable<RosterPlan["columns"][number]>;
export type Bench = Schemas["BenchView"];
export type Practical = Schemas["PracticalView"];
export type TrayCard = Schemas["TrayCardView"];
export type Waiting = Schemas["WaitingView"];
export type Assessment = Schemas["AssessmentView"];
export type Standard = Schemas["Standard"];
export type Policy = Schemas["Policy"];
export type Brief = Schemas["BriefView"];
export type BriefDocument = Schemas["BriefDocument"];
export type Assessor = Schemas["AssessorView"];
export type BriefStudent = Schemas["BriefStudentView"];
export type BriefList = Schemas["BriefListView"];
export type OpenPolicy = Schemas["PolicyView"];
export type PolicyTrial = Schemas["PolicyTrialView"];
export type TriedClass = Schemas["TriedClassView"];
export type Criterion = Schemas["AssessmentCriterion"];
export type Fault = Schemas["AssessmentFault"];
export type TrayLayout = Schemas["TrayLayoutView"];
export type Tray = Schemas["TrayView"];
export type News = Schemas["CursorView"];
export type PushedNews = Schemas["PushedNewsView"];
export type LogEntry = Schemas["LogEntryView"];
export type AttemptResult = Schemas["AttemptResult"];
export type PieceResult = Schemas["PieceResult"];
export type PortionSet = Schemas["PortionSet"];
export type Verdict = PieceResult["verdict"];
export type SentCapture = Schemas["SentCapture"];
export type SentLotFact = Schemas["SentLotFact"];
export type LotFact = Schemas["LotFact"];
export type Ledger = Schemas["LedgerView"];
export type PutAway = Schemas["PutAwayView"];
export type LotProposal = Schemas["LotProposalView"];
export type OnHand = Schemas["OnHandView"];
export type Lot = Schemas["LotView"];
export type Pots = Schemas["PotsView"];
export type Pot = Schemas["PotView"];
export type ForPot = Schemas["ForPotView"];
export type Cooling = Schemas["CoolingView"];
export type Week = Schemas["WeekView"];
export type Cost = Schemas["CostView"];
export type CostSum = Schemas["CostSumView"];
export type CutCost = Schemas["CutCostView"];
export type Term = Schemas["TermView"];
export type Needs = Schemas["NeedsView"];
export type Need = Schemas["NeedView"];
export type CostLine = Schemas["CostLineView"];
export type Serving = Schemas["ServingView"];
export type LotHistory = Schemas["LotHistoryView"];
export type LotNews = Schemas["LotNewsView"];
export type Destination = Lot["destinations"][number];
export type Moderation = Schemas["ModerationView"];
export type ModerationRow = Schemas["ModerationRowView"];
export type Agreement = Schemas["AgreementView"];
export type Appeals = Schemas["AppealsView"];
export type Appeal = Schemas["AppealView"];
type AppealLine = Schemas["AppealLineView"];
export type AppealOutcome = NonNullable<AppealLine["outcome"]>;
export type Standardising = Schemas["StandardisingView"];
export type StandardisedTray = Schemas["StandardisedTrayView"];
export interface StandardisingStep {
  kind: "level" | "finished" | "opened" | "reference" | "shown";
  tray?: string;
  criterion?: string;
  level?: number;
  reason?: string;
  shown?: boolean;
}
export type Sheet = Schemas["SheetView"];
export type SheetRow = Schemas["SheetRowView"];
export type Flag = Schemas["FlagView"];
export type Release = Schemas["ReleaseView"];
export type KeptDraft = Schemas["DraftView"];
export type VerdictPage = Schemas["VerdictView"];
export type ScaleReading = Schemas["ScaleReadingView"];

type Untimed<Sent> = Sent extends unknown ? Omit<Sent, "id" | "at"> : never;

/** What a capture says, before the screen gives it an id and a time. */
export type Fact = Untimed<SentCapture>;

/** What a fact about a lot says, before the screen gives it its time; one that makes a lot may bring its id, for facts about that lot. */
export type UntimedLotFact = Untimed<SentLotFact> & { id?: string };

export type ShelfItem = Schemas["ShelfItemView"];
export type SmallCutMap = Schemas["SmallMapView"];
export type PracticeItem = Schemas["PracticeItemView"];
export type Called = Schemas["CalledView"];
export type GroupPractice = Schemas["GroupPracticeView"];
export type Homework = Schemas["HomeworkView"];
export type Trends = Schemas["TrendsView"];
export type TrendChart = Schemas["TrendChartView"];
export type TrendClass = Schemas["TrendClassView"];
export type TriedTerm = Schemas["TriedTermView"];
export type CourseStandard = Schemas["CourseStandardView"];
export type SchoolReport = Schemas["SchoolReportView"];
export type StandardLook = Schemas["StandardLookView"];
export type StandardFinding = Schemas["FindingView"];
export type CriterionLook = Schemas["CriterionLookView"];
export type OwnCarcasses = Schemas["OwnCarcassView"];
export type OwnWindow = Schemas["OwnWindowView"];
export type CarcassFile = Schemas["Carcasses"];
export type CarcassQuestion = NonNullable<operations["ownCarcasses"]["parameters"]["query"]>;
export type Fairness = Schemas["FairnessView"];
export type FairnessFactor = Schemas["FactorView"];
export type Interval = Schemas["IntervalView"];
export type ClassLook = Schemas["ClassLookView"];
export type DayNote = Schemas["DayNoteView"];
export type WrittenAnswers = Schemas["WrittenAnswersView"];
export type WrittenQuestion = Schemas["WrittenQuestionView"];
export type PracticeShelf = Schemas["PracticeShelfView"];
export type PracticeTray = Schemas["PracticeTrayView"];
export type PracticeTry = Schemas["TryView"];
export type SentPracticeFact = NonNullable<operations["practised"]["requestBody"]>["content"]["application/json"]["facts"][number];
/** Something practised that has no time and no id yet. */
/** A capture of a practice tray, or a step of the card done on it. */
export type SentOnPracticeTray = NonNullable<
  operations["practiceCapture"]["requestBody"]
>["content"]["application/json"]["captures"][number];

export type OnPracticeTray = Untimed<SentOnPracticeTray>;

export type PracticeFact = Untimed<SentPracticeFact>;
export type PracticeOf = Schemas["PracticeView"];
export type MethodStep = Schemas["MethodStepView"];
export type QuizQuestion = Schemas["QuizQuestionView"];
export type OpenStandard = Schemas["StandardView"];
export type Expected = Schemas["ExpectedView"];
export type DraftChecked = Schemas["CheckView"];
export type CarcassPlan = Schemas["PlanView"];
export type CarcassOffer = Schemas["CarcassView"];
export type Present = Schemas["PresentView"];
export type Floor = Schemas["FloorView"];
export type ScaleCheck = Schemas["ScaleCheckView"];
export type ReceivingItem = Schemas["ReceivingItemView"];
export type FloorStation = Schemas["FloorStationView"];
export type School = Schemas["SchoolView"];
export type SchoolChoice = Schemas["ChoiceView"];

/** A capture as the cursor tells it. */
