export { RulesPage } from "./RulesPage";
