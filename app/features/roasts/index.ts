export { RoastsScreen } from "./RoastsScreen";
