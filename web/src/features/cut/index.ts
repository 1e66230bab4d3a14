export { CutPage } from "./CutPage";
