export { OrderPage } from "./OrderPage";
