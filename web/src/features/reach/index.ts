export { ReachPage } from "./ReachPage";
