import { Tabs } from "radix-ui";
import type { TaskId } from "../../../core/schedule/backward";
import { BirdPanel } from "./BirdPanel";
import { HeatPanel } from "./HeatPanel";
import type { PanelProps } from "./panelProps";
import { RestPanel } from "./RestPanel";
import { SaltPanel } from "./SaltPanel";
import { TablePanel } from "./TablePanel";

const PANELS = [
  { id: "bird", name: "Bird", tasks: ["thaw"], Panel: BirdPanel },
  { id: "salt", name: "Salt", tasks: ["salt", "dry"], Panel: SaltPanel },
  { id: "heat", name: "Heat", tasks: ["roast", "preheat"], Panel: HeatPanel },
  { id: "rest", name: "Rest", tasks: ["rest"], Panel: RestPanel },
  { id: "table", name: "Table", tasks: ["table", "carve"], Panel: TablePanel },
] as const satisfies readonly {
  id: string;
  name: string;
  tasks: readonly TaskId[];
  Panel: (props: PanelProps) => React.ReactNode;
}[];

interface Props extends PanelProps {
  readonly selected: TaskId;
  onSelect(task: TaskId): void;
}

/** The stage under the hand, open beside the clock and the bird. */
export function StagePanel({ selected, onSelect, ...panel }: Props) {
  const open = PANELS.find(({ tasks }) => (tasks as readonly TaskId[]).includes(selected)) ?? PANELS[2];
  return (
    <Tabs.Root
      value={open.id}
      onValueChange={(id) => onSelect(PANELS.find((known) => known.id === id)?.tasks[0] ?? "roast")}
      className="flex flex-col rounded-2xl border border-line bg-mist-1 p-3 shadow-card lg:min-h-0"
    >
      <Tabs.List aria-label="Stages" className="mb-2 flex gap-0.5">
        {PANELS.map(({ id, name }) => (
          <Tabs.Trigger
            key={id}
            value={id}
            className="min-h-9 rounded-full px-2.5 text-[0.95rem] max-sm:min-h-12 data-[state=active]:bg-ink data-[state=active]:text-mist-1"
          >
            {name}
          </Tabs.Trigger>
        ))}
      </Tabs.List>
      {PANELS.map(({ id, Panel }) => (
        <Tabs.Content key={id} value={id} className="flex flex-col gap-2 pr-1 lg:min-h-0 lg:overflow-y-auto">
          <Panel {...panel} />
        </Tabs.Content>
      ))}
    </Tabs.Root>
  );
}
