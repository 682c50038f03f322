import { Pencil } from "lucide-react";
import { useState } from "react";
import { NameField } from "../../shell/NameField";
import { IconButton } from "../../ui/IconButton";

/** What the roast is called, and a way to name it. */
export function Title({ roastId, title }: { readonly roastId: string; readonly title: string }) {
  const [isNamed, setIsNamed] = useState(false);
  if (isNamed) return <NameField roastId={roastId} title={title} onDone={() => setIsNamed(false)} />;
  return (
    <span className="flex items-baseline gap-1">
      <h1 className="text-2xl">{title}</h1>
      <IconButton label="Name this roast" icon={Pencil} onClick={() => setIsNamed(true)} />
    </span>
  );
}
