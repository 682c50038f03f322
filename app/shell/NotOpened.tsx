import { type ReactNode, useState } from "react";
import { everythingIn, type OpeningFault, type OpeningKind } from "../../storage/opening";
import { messageOf } from "../../words/faults";
import { Button } from "../ui/Button";
import { saveText } from "../ui/saveFile";
import { PageHeading } from "./PageHeading";

function Panel({ title, children }: { readonly title: string; readonly children: ReactNode }) {
  return (
    <div className="grid max-w-xl justify-items-start gap-3 py-8">
      <PageHeading className="text-3xl">{title}</PageHeading>
      {children}
    </div>
  );
}

const reload = (): void => location.reload();

/** Another tab holds an older version of the database. */
export function Blocked() {
  return (
    <Panel title="Bruma is open in another tab">
      <p>That tab is of an older version and holds your roasts open. Close it: this page then goes on by itself.</p>
    </Panel>
  );
}

/** Another tab has taken the database to a newer version. */
export function Outdated() {
  return (
    <Panel title="There is a newer Bruma">
      <p>Another tab has opened your roasts with it. Load this page anew; all that was stored is there.</p>
      <Button tone="primary" onClick={reload}>
        Load it anew
      </Button>
    </Panel>
  );
}

const SAYS: Record<OpeningKind, { readonly title: string; readonly what: string }> = {
  newer: {
    title: "Your roasts are of a newer Bruma",
    what: "They were stored by a newer version than this page, and are left as they are. Load the page anew; where that does not help, this device still has an old copy of Bruma: close all its tabs and open it again.",
  },
  full: {
    title: "This device has no room left",
    what: "The browser does not open your roasts because there is no room. Free some on the device, then load the page anew. Nothing stored has changed.",
  },
  shut: {
    title: "The browser does not open your roasts",
    what: "Some browsers do not in a private window, or when storage is switched off for this page. Load the page anew; if it stays so, restart the browser. Nothing stored has changed.",
  },
};

/** The database does not open: what to do, and what can still be had of it. */
export function NotOpened({ fault }: { readonly fault: OpeningFault }) {
  const { title, what } = SAYS[fault.kind];
  const [said, setSaid] = useState("");
  const write = async (): Promise<void> => {
    try {
      saveText("bruma-as-stored.json", "application/json", await everythingIn(fault.database));
      setSaid("Written to bruma-as-stored.json.");
    } catch (error) {
      setSaid(`It cannot be read either: ${messageOf(error)}`);
    }
  };
  return (
    <Panel title={title}>
      <p>{what}</p>
      <div className="flex flex-wrap gap-2">
        <Button tone="primary" onClick={reload}>
          Load it anew
        </Button>
        <Button onClick={() => void write()}>Write what is stored to a file</Button>
      </div>
      <p role="status">{said}</p>
      <p className="text-sm text-soft">What the browser says: {fault.message}</p>
    </Panel>
  );
}
