export { ReturnsPage } from "./ReturnsPage";
