export { ImportRoster } from "./ImportRoster";
export { Roster } from "./Roster";
