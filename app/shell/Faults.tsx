import { Component, type ReactNode } from "react";
import { useLocation } from "react-router";
import { OpeningFault } from "../../storage/opening";
import { messageOf } from "../../words/faults";
import { DeadEnd } from "./DeadEnd";
import { NotOpened } from "./NotOpened";

interface Props {
  /** The address: at another one it is tried again. */
  readonly at: string;
  readonly children: ReactNode;
}

interface State {
  readonly fault: { readonly thrown: unknown } | null;
}

class Boundary extends Component<Props, State> {
  override state: State = { fault: null };

  static getDerivedStateFromError(thrown: unknown): State {
    return { fault: { thrown } };
  }

  override componentDidUpdate(before: Props): void {
    if (before.at !== this.props.at && this.state.fault) this.setState({ fault: null });
  }

  override render(): ReactNode {
    const { fault } = this.state;
    return fault ? <Stopped thrown={fault.thrown} /> : this.props.children;
  }
}

/** Around everything: what stops is told, with a way on. */
export function Faults({ children }: { readonly children: ReactNode }) {
  const { key } = useLocation();
  return <Boundary at={key}>{children}</Boundary>;
}

function Stopped({ thrown }: { readonly thrown: unknown }) {
  if (thrown instanceof OpeningFault) {
    return (
      <div className="mx-auto max-w-[1280px] px-6">
        <NotOpened fault={thrown} />
      </div>
    );
  }
  const why = `Your roasts are stored and unharmed. What went wrong: ${messageOf(thrown)}`;
  return <DeadEnd title="This screen has stopped" why={why} />;
}
