export { ClassSheet } from "../sheet/ClassSheet";
export { CurrentVerdict, ReleasedVerdict } from "./Verdict";
