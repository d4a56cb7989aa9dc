export { Account } from "./Account";
export { Changes } from "./Changes";
export { People } from "./People";
