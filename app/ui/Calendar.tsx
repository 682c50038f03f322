import { ChevronLeft, ChevronRight } from "lucide-react";
import { DayPicker } from "react-day-picker";
import type { Habits } from "../../core/units/habits";

interface Props {
  /** "2027-09-26" */
  readonly day: string;
  readonly weekStart: Habits["weekStart"];
  onPick(day: string): void;
}

const two = (value: number): string => String(value).padStart(2, "0");
const ROUND = "grid size-10 place-items-center rounded-full hover:bg-mist-2";

/** A month to pick a day from, in our own look. Days are days of the calendar, of no zone. */
export function Calendar({ day, weekStart, onPick }: Props) {
  const [year, month, date] = day.split("-").map(Number) as [number, number, number];
  const picked = new Date(year, month - 1, date);
  return (
    <DayPicker
      mode="single"
      required
      autoFocus
      selected={picked}
      defaultMonth={picked}
      weekStartsOn={weekStart}
      showOutsideDays
      onSelect={(to) => onPick(`${to.getFullYear()}-${two(to.getMonth() + 1)}-${two(to.getDate())}`)}
      components={{
        Chevron: ({ orientation }) =>
          orientation === "left" ? (
            <ChevronLeft aria-hidden className="size-5" />
          ) : (
            <ChevronRight aria-hidden className="size-5" />
          ),
      }}
      classNames={{
        months: "relative",
        month_caption: "flex h-10 items-center px-3 font-display text-lg",
        nav: "absolute right-0 top-0 flex",
        button_previous: ROUND,
        button_next: ROUND,
        weekday: "size-10 text-sm font-normal text-soft",
        day_button: `${ROUND} tabular-nums`,
        today: "font-bold",
        outside: "text-soft",
        selected: "rounded-full bg-ink text-mist-1 [&_button]:hover:bg-ink",
      }}
    />
  );
}
