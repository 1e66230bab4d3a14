export { SawPage } from "./SawPage";
