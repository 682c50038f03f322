import { Component, type ReactNode } from "react";
import { Link, useLocation } from "react-router";
import { OpeningFault } from "../../storage/opening";
import { messageOf } from "../../words/faults";
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
  return (
    <div className="mx-auto max-w-xl p-8">
      <h1 className="text-3xl">This screen has stopped</h1>
      <p className="my-3 text-soft">Your roasts are stored and unharmed. What went wrong: {messageOf(thrown)}</p>
      <Link to="/" className="underline">
        To the roasts
      </Link>
    </div>
  );
}
