export { CutPage } from "./CutPage";
export { LabelsPage } from "./LabelsPage";
