export { DevicesPage } from "./DevicesPage";
