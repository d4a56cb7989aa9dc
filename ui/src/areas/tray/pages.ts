export { TrayArea } from "./TrayArea";
