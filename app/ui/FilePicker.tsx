import { type ReactNode, useRef } from "react";
import { messageOf } from "../../words/faults";
import { Button } from "./Button";
import { toast } from "./toast";

interface Props {
  /** What the file is, said to a screen reader. */
  readonly label: string;
  /** Kinds of file, as a browser's dialog knows them. */
  readonly accept: string;
  readonly size?: "small" | "table";
  readonly children: ReactNode;
  /** What it rejects with is told in a sentence. */
  onFile(file: File): Promise<void>;
}

/** A button that asks for a file; the same one can be chosen again after it was mended. */
export function FilePicker({ label, accept, size = "table", children, onFile }: Props) {
  const picker = useRef<HTMLInputElement>(null);
  return (
    <>
      <Button size={size} onClick={() => picker.current?.click()}>
        {children}
      </Button>
      <input
        ref={picker}
        type="file"
        accept={accept}
        aria-label={label}
        className="sr-only"
        tabIndex={-1}
        onChange={(event) => {
          const file = event.target.files?.[0];
          event.target.value = "";
          if (!file) return;
          onFile(file).catch((error: unknown) => toast.error(`${file.name} was not taken in: ${messageOf(error)}`));
        }}
      />
    </>
  );
}
