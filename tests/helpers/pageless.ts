/** Pages without a browser: what their boards ask of one is stood in for, and nothing is simulated behind them. */
import { vi } from "vitest";
import "./withKernel";

// What the boards show is handed to them.
vi.mock("../../workers/simulations", () => ({
  simulations: { ask: () => new Promise(() => undefined), drop: () => undefined },
}));
vi.stubGlobal("window", { isSecureContext: true });
vi.stubGlobal("navigator", {});
vi.stubGlobal("location", { origin: "http://127.0.0.1", hostname: "127.0.0.1" });
vi.stubGlobal("sessionStorage", { getItem: () => null });
