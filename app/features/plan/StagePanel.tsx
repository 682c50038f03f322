import { Tabs } from "radix-ui";
import { memo } from "react";
import type { TaskId } from "../../../core/schedule/backward";
import { BirdPanel } from "./BirdPanel";
import { GravyPanel } from "./GravyPanel";
import { HeatPanel } from "./HeatPanel";
import type { PanelProps } from "./panelProps";
import { RestPanel } from "./RestPanel";
import { SaltPanel } from "./SaltPanel";
import { SkinPanel } from "./SkinPanel";
import { TablePanel } from "./TablePanel";

const PANELS = [
  { id: "bird", name: "Bird", tasks: ["thaw", "prepare"], Panel: BirdPanel },
  { id: "salt", name: "Salt", tasks: ["salt", "dry"], Panel: SaltPanel },
  { id: "skin", name: "Skin", tasks: [], Panel: SkinPanel },
  { id: "heat", name: "Heat", tasks: ["roast", "preheat"], Panel: HeatPanel },
  { id: "rest", name: "Rest", tasks: ["rest"], Panel: RestPanel },
  { id: "gravy", name: "Gravy", tasks: [], Panel: GravyPanel },
  { id: "table", name: "Table", tasks: ["table", "carve", "chill"], Panel: TablePanel },
] as const satisfies readonly {
  id: string;
  name: string;
  tasks: readonly TaskId[];
  Panel: (props: PanelProps) => React.ReactNode;
}[];

export type PanelId = (typeof PANELS)[number]["id"];

/** The panel in which a task of the clock is arranged. */
export const panelOf = (task: TaskId): PanelId =>
  PANELS.find(({ tasks }) => (tasks as readonly TaskId[]).includes(task))?.id ?? "heat";

interface Props extends PanelProps {
  readonly open: PanelId;
  onOpen(panel: PanelId): void;
}

/** The stage under the hand, open beside the clock and the bird. */
export const StagePanel = memo(function StagePanel({ open, onOpen, ...panel }: Props) {
  return (
    <Tabs.Root
      value={open}
      onValueChange={(id) => onOpen(id as PanelId)}
      className="flex flex-col rounded-2xl border border-line bg-mist-1 p-3 shadow-card lg:min-h-0"
    >
      <Names />
      {PANELS.map(({ id, Panel }) => (
        <Tabs.Content key={id} value={id} className="relative flex flex-col gap-2 pr-1 lg:min-h-0 lg:overflow-y-auto">
          <Panel {...panel} />
        </Tabs.Content>
      ))}
    </Tabs.Root>
  );
});

/** Told by its context which one is open; nothing else about it changes. */
const Names = memo(function Names() {
  return (
    <Tabs.List aria-label="Stages" className="mb-2 flex max-sm:flex-wrap max-sm:justify-between">
      {PANELS.map(({ id, name }) => (
        <Tabs.Trigger
          key={id}
          value={id}
          className="min-h-9 rounded-full px-2 text-[0.92rem] max-sm:min-h-12 max-sm:px-1.5 data-[state=active]:bg-ink data-[state=active]:text-mist-1"
        >
          {name}
        </Tabs.Trigger>
      ))}
    </Tabs.List>
  );
});
