export { PlatesPage } from "./PlatesPage";
