export { Shelf } from "./Shelf";
export { StandardPage } from "./StandardPage";
