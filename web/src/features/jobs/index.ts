export { JobsPage } from "./JobsPage";
