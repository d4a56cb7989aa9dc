export const ID = "0190f5a0-0000-7000-8000-000000000001";

/** Every page of the screen behind the sign-in. */
export const ADDRESSES =
  `/ /brief /brief/ID /ledger /ledger/on-hand /ledger/pots /ledger/money /ledger/week /ledger/term /ledger/lots/ID /roster /roster/import
  /look-back/report /look-back/students/ID /look-back/standards/ID /look-back/standards/ID/carcasses /look-back/standards/ID/fairness /look-back/ID /look-back
  /practice /called/ID /written/ID /practice/ID /practice/ID/demonstration /practice/ID/follow /practice/ID/opener /roster/ID/practice /practice/ID/quiz
  /practice/ID/tray/ID /people /people/changes /account /tray/ID /tray/ID/inspect /moderation/ID /moderation/ID/release /agree/ID /appeal/ID /standardising
  /standardising/ID /agreement /verdict/ID /result/ID /sheet/ID /floor/ID /floor/wall/ID /standards /standards/new /standards/school /standards/policy
  /standards/drafts/ID /standards/ID/edit /standards/ID`
    .split(/\s+/)
    .map((it) => it.replaceAll("ID", ID));
