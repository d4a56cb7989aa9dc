export { Floor } from "./Floor";
export { Wall } from "./Wall";
