import { useEffect, useState } from "react";
import { birdForm, type FormChoice, formKey } from "../../core/bird/form";
import type { FormGeometry } from "../../core/bird/section";
import { simulations } from "../../workers/simulations";

const asked = new Map<string, Promise<FormGeometry>>();

function geometryOf(choice: FormChoice): Promise<FormGeometry> {
  const form = birdForm(choice);
  const key = formKey(form);
  const known = asked.get(key);
  if (known) return known;
  const made = simulations.request<"geometry">(`geometry of ${key}`, { kind: "geometry", form });
  asked.set(key, made);
  return made;
}

/** Outlines and thermal centres of a form, made once in a worker for all pictures; null until they are there. */
export function useGeometry(choice: FormChoice): FormGeometry | null {
  const key = formKey(birdForm(choice));
  const [geometry, setGeometry] = useState<{ key: string; made: FormGeometry } | null>(null);
  const [fault, setFault] = useState<Error | null>(null);
  // biome-ignore lint/correctness/useExhaustiveDependencies: the key stands for the form
  useEffect(() => {
    let stopped = false;
    geometryOf(choice).then(
      (made) => {
        if (!stopped) setGeometry({ key, made });
      },
      (error: unknown) => setFault(error instanceof Error ? error : new Error(String(error))),
    );
    return () => {
      stopped = true;
    };
  }, [key]);
  // Without its outlines there is no picture: the screen's own fault page says so.
  if (fault) throw fault;
  return geometry?.key === key ? geometry.made : null;
}
