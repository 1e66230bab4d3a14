export { ShorePage } from "./ShorePage";
