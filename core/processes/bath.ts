/** Whether it is salted in a bath: a brine, stopped by the clock or at its equilibrium. */
export const isBath = (method: string): method is "brine" | "equilibrium" =>
  method === "brine" || method === "equilibrium";
