import { type Control, Controller } from "react-hook-form";
import { Segmented } from "../../ui/Segmented";
import type { Answers } from "./answers";

interface Props<Name extends keyof Answers> {
  readonly control: Control<Answers>;
  readonly name: Name;
  readonly label: string;
  readonly choices: readonly { readonly value: Answers[Name] & string; readonly label: string }[];
  /** What the answer comes to beside the others. */
  readonly shown?: (value: Answers[Name] & string) => Answers[Name] & string;
}

/** One answer of a few. */
export function Choice<Name extends "species" | "known" | "cut" | "state" | "method">({
  control,
  name,
  label,
  choices,
  shown = (value) => value,
}: Props<Name>) {
  return (
    <Controller
      control={control}
      name={name}
      render={({ field }) => (
        <Segmented
          label={label}
          value={shown(field.value as Answers[Name] & string)}
          choices={choices}
          onChange={field.onChange}
        />
      )}
    />
  );
}
