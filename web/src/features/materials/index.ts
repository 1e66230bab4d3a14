export { MaterialsPage } from "./MaterialsPage";
