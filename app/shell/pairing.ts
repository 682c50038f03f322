/** Pairing of this device with the machine that serves, and what that machine's own screen shows of it. */
import * as z from "zod/mini";
import { create } from "zustand";
import { whyOf } from "./answer";

/** Counts the times this device was paired: who was refused asks again. */
export const usePaired = create<{ readonly times: number }>(() => ({ times: 0 }));

/** What this device is called on the machine that serves. */
const ownName = (): string => (matchMedia("(pointer: coarse)").matches ? "A phone or tablet" : "A computer");

/** @throws Error with what the server says when the code is not the one */
export async function pair(code: string): Promise<void> {
  const response = await fetch("/api/pair", {
    method: "POST",
    headers: { "Content-Type": "application/json" },
    body: JSON.stringify({ code, name: ownName() }),
  });
  if (!response.ok) throw new Error(await whyOf(response));
  usePaired.setState(({ times }) => ({ times: times + 1 }));
}

const OfferSchema = z.discriminatedUnion("kind", [
  z.object({ kind: z.literal("codes"), short: z.string(), long: z.string(), untilMs: z.number() }),
  z.object({ kind: z.literal("wait"), untilMs: z.number() }),
]);
export type Offer = z.infer<typeof OfferSchema>;

/** The codes that are valid now; for the machine that serves alone. @throws Error when the server does not say */
export async function offeredCodes(): Promise<Offer> {
  const response = await fetch("/api/pair/offer");
  if (!response.ok) throw new Error(await whyOf(response));
  return OfferSchema.parse(await response.json());
}

const DevicesSchema = z.object({
  devices: z.array(z.object({ id: z.string(), name: z.string(), pairedAt: z.string() })),
});
export type PairedDevice = z.infer<typeof DevicesSchema>["devices"][number];

/** @throws Error when the server does not say */
export async function pairedDevices(): Promise<readonly PairedDevice[]> {
  const response = await fetch("/api/pair/devices");
  if (!response.ok) throw new Error(await whyOf(response));
  return DevicesSchema.parse(await response.json()).devices;
}

/** @throws Error when it is still paired */
export async function unpair(id: string): Promise<void> {
  const response = await fetch(`/api/pair/devices/${encodeURIComponent(id)}`, { method: "DELETE" });
  if (!response.ok && response.status !== 404) throw new Error(await whyOf(response));
}
