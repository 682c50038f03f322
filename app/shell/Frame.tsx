import { BookOpen, Flame, Moon, Sun } from "lucide-react";
import type { ReactNode } from "react";
import { NavLink, useLocation, useMatch } from "react-router";
import type { CameFrom } from "../ui/Why";
import { PracticeBadge } from "./PracticeBadge";
import { changeUnits, useDark, usePreferences } from "./preferences";

const LINK =
  "inline-flex min-h-11 items-center rounded-full px-3.5 max-sm:px-2.5 aria-[current=page]:bg-ink aria-[current=page]:text-mist-1 hover:bg-mist-2";

/** Every screen's frame: the name, where one is, and the two switches that follow the cook everywhere. */
export function Frame({ children }: { readonly children: ReactNode }) {
  const roast = useMatch("/roast/:id/*");
  const id = roast?.params.id;
  const { pathname } = useLocation();
  const { units, theme, set } = usePreferences();
  const dark = useDark();
  return (
    <div className="mx-auto flex min-h-dvh max-w-[1280px] flex-col px-4 pb-4 sm:px-6">
      <a href="#content" className="sr-only focus:not-sr-only">
        To the content
      </a>
      <header className="print:hidden flex flex-wrap items-center gap-x-2 py-2">
        <NavLink
          to="/"
          aria-label="Bruma"
          className={`flex min-h-11 items-center gap-2 font-display text-xl font-semibold sm:mr-2 ${id ? "max-sm:hidden low:hidden" : ""}`}
          end
        >
          <Wave />
          <span className="max-sm:hidden">Bruma</span>
        </NavLink>
        <nav
          aria-label="Main"
          // On a tablet a roast's pages have a row of their own, below the two ends of the first.
          className={`flex flex-wrap items-center gap-1 text-[0.95rem] max-sm:gap-0 ${id ? "sm:handheld:order-last sm:handheld:w-full" : ""}`}
        >
          <NavLink to="/" end className={LINK}>
            Roasts
          </NavLink>
          <NavLink to="/log" className={`${LINK} ${id ? "max-sm:hidden" : ""}`}>
            Log
          </NavLink>
          {id && (
            <>
              <NavLink to={`/roast/${id}/plan`} className={LINK}>
                Plan
              </NavLink>
              <NavLink to={`/roast/${id}/compare`} className={`${LINK} max-sm:hidden low:hidden`}>
                Compare
              </NavLink>
              <NavLink to={`/roast/${id}/list`} className={LINK}>
                List
              </NavLink>
              <NavLink to={`/roast/${id}/cook`} className={LINK}>
                <Flame aria-hidden className="mr-1 size-4 max-sm:hidden" />
                Cook
              </NavLink>
              <NavLink to={`/roast/${id}/carve`} className={`${LINK} max-sm:hidden low:hidden`}>
                Carve
              </NavLink>
            </>
          )}
          <NavLink to="/kitchen" className={LINK}>
            Kitchen
          </NavLink>
          <NavLink
            to="/handbook"
            aria-label="Handbook"
            state={id ? ({ from: pathname } satisfies CameFrom) : undefined}
            className={LINK}
          >
            <BookOpen aria-hidden className="size-5 sm:hidden" />
            <span className="max-sm:hidden">Handbook</span>
          </NavLink>
        </nav>
        <div className={`ml-auto flex items-center gap-1 text-[0.95rem] max-sm:hidden ${id ? "low:hidden" : ""}`}>
          <button
            type="button"
            className="min-h-11 rounded-full px-3 hover:bg-mist-2"
            onClick={() => void changeUnits(units === "metric" ? "us" : "metric")}
          >
            <span className="sr-only">Units: </span>
            {units === "metric" ? "°C, kg" : "°F, lb"}
          </button>
          <button
            type="button"
            aria-label={dark ? "Light colours" : "Dark colours"}
            className="grid size-11 place-items-center rounded-full hover:bg-mist-2"
            onClick={() => void set({ theme: dark ? "light" : "dark" })}
          >
            {theme === "dark" || dark ? (
              <Sun aria-hidden className="size-5" />
            ) : (
              <Moon aria-hidden className="size-5" />
            )}
          </button>
        </div>
      </header>
      <PracticeBadge />
      <main id="content" className="flex grow flex-col">
        {children}
      </main>
    </div>
  );
}

function Wave() {
  return (
    <svg viewBox="0 0 32 24" className="h-5 w-7" aria-hidden="true">
      <path
        d="M2 8c6-6 10 5 16-1s9-3 12 0"
        fill="none"
        stroke="var(--line-strong)"
        strokeWidth="3"
        strokeLinecap="round"
      />
      <path d="M2 17c6-6 10 5 16-1s9-3 12 0" fill="none" stroke="var(--ember)" strokeWidth="3" strokeLinecap="round" />
    </svg>
  );
}
