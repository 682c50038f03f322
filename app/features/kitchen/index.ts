export { KitchenScreen } from "./KitchenScreen";
