export { CookScreen } from "./CookScreen";
