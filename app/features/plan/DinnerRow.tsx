import { useLiveQuery } from "dexie-react-hooks";
import { Link } from "react-router";
import type { Roast } from "../../../core/plan/roast";
import { apart, isSameFire, joinedTo, ownFire } from "../../../core/plan/together";
import { HOUR_MS } from "../../../core/units/time";
import { readableRoasts } from "../../../storage/listing";
import { changeRoast } from "../../../storage/roasts";
import { inOrder, namesIn, titleShown } from "../../../words/titles";
import { database } from "../../shell/database";
import { habitsNow } from "../../shell/preferences";
import { stored } from "../../shell/stored";
import type { Beside } from "../../simulation/useDinner";
import { Button } from "../../ui/Button";

/** Eaten within so many hours of one another, roasts are most likely one dinner's (chosen: lunch and dinner are two). */
const NEAR_MS = 3 * HOUR_MS;

const change = (id: string, next: (roast: Roast) => Roast): void =>
  void stored("That was", changeRoast(database(), id, next));

/** What else is roasted for this dinner, and with this one; nothing where it is the only one. */
export function DinnerRow({ roast, beside }: { readonly roast: Roast; readonly beside: readonly Beside[] }) {
  if (beside.length === 0) return <Nearby roast={roast} />;
  const all = inOrder([roast, ...beside.map((other) => other.roast)]);
  const names = namesIn(all);
  const fires = [...new Set(all.map(({ fire }) => fire))].map((fire) => all.filter((each) => each.fire === fire));
  const isWithOthers = beside.some(({ isPiece }) => isPiece);
  return (
    <div className="flex flex-wrap items-center gap-x-4 gap-y-1">
      <nav aria-label="Roasts of this dinner" className="flex flex-wrap items-center gap-2">
        {fires.map((pieces) => (
          <span
            key={pieces[0]?.id}
            className={`flex flex-wrap items-center rounded-full ${pieces.length > 1 ? "border border-line-strong" : ""}`}
          >
            {pieces.map((each, n) => (
              <span key={each.id} className="flex items-center">
                {n > 0 && <span className="mx-1 text-soft">with</span>}
                <Link
                  to={`/roast/${each.id}/plan`}
                  aria-current={each.id === roast.id ? "page" : undefined}
                  className="min-h-9 content-center rounded-full px-3 aria-[current=page]:bg-ink aria-[current=page]:text-mist-1 max-sm:min-h-12"
                >
                  {names.get(each.id)}
                </Link>
              </span>
            ))}
          </span>
        ))}
      </nav>
      <Link to={`/?dinner=${roast.id}`} className="text-sm underline underline-offset-4">
        Add a roast
      </Link>
      {isWithOthers && (
        <Button size="small" tone="quiet" onClick={() => change(roast.id, (own) => ownFire(own, crypto.randomUUID()))}>
          In by itself
        </Button>
      )}
      <Button size="small" tone="quiet" onClick={() => change(roast.id, (own) => apart(own, crypto.randomUUID()))}>
        A dinner of its own
      </Button>
    </div>
  );
}

/** Another roast that is eaten at about that time: one dinner, if the cook says so. */
function Nearby({ roast }: { readonly roast: Roast }) {
  const { id, dinner, happened, plan } = roast;
  const near = useLiveQuery(
    async () =>
      (await readableRoasts(database())).find(
        (other) =>
          other.dinner !== dinner &&
          other.happened.closedAt === undefined &&
          Math.abs(Date.parse(other.plan.serveAt) - Date.parse(plan.serveAt)) <= NEAR_MS,
      ),
    [dinner, plan.serveAt],
  );
  if (!near || happened.closedAt !== undefined || isSameFire(near, roast)) return null;
  return (
    <p className="flex flex-wrap items-center gap-x-3 text-sm">
      <span>
        Eaten at about the same time:{" "}
        <Link to={`/roast/${near.id}/plan`} className="underline underline-offset-4">
          {titleShown(near, habitsNow())}
        </Link>
      </span>
      <Button size="small" onClick={() => change(id, (own) => joinedTo(near, own))}>
        One dinner with it
      </Button>
    </p>
  );
}
