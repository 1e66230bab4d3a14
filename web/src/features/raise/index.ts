export { RaisePage } from "./RaisePage";
