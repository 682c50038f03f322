/** What the server answers, in words. */
import * as z from "zod/mini";

const Refused = z.object({ why: z.string() });

/** Why it refused; where it does not say, that it did. */
export async function whyOf(response: Response): Promise<string> {
  const told = Refused.safeParse(await response.json().catch(() => null));
  return told.success ? told.data.why : `the server answers ${response.status}`;
}
