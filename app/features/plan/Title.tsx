import { Pencil } from "lucide-react";
import { useState } from "react";
import { NameField } from "../../shell/NameField";
import { PageHeading } from "../../shell/PageHeading";
import { IconButton } from "../../ui/IconButton";

/** What the roast is called, and a way to name it. */
export function Title({ roastId, title }: { readonly roastId: string; readonly title: string }) {
  const [isNamed, setIsNamed] = useState(false);
  if (isNamed) return <NameField roastId={roastId} title={title} onDone={() => setIsNamed(false)} />;
  return (
    <span className="flex items-baseline gap-1">
      <PageHeading className="text-2xl" title={`Plan: ${title}`}>
        {title}
      </PageHeading>
      <IconButton label="Name this roast" icon={Pencil} onClick={() => setIsNamed(true)} />
    </span>
  );
}
