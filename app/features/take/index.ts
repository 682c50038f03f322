export { TakeScreen } from "./TakeScreen";
