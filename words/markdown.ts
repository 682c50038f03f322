/** The plan as a Markdown page. How instants are written is the caller's business. */
import type { Lists } from "./lists";
import type { TimetableRow } from "./timetable";

/** Markdown takes some signs for its own: they are escaped, so that a title stays a title. */
const plain = (text: string): string => text.replace(/([\\`*_{}[\]<>|#])/g, "\\$1").replace(/\s+/g, " ");

export function planMarkdown(
  title: string,
  lists: Lists,
  rows: readonly TimetableRow[],
  write: (ms: number) => string,
): string {
  const list = (name: string, items: Lists["buy"]): string =>
    [
      `## ${name}`,
      "",
      ...items.map(({ what, amount, why }) => {
        const tail = [amount && `**${plain(amount)}**`, why && plain(why)].filter(Boolean).join("; ");
        return `- [ ] ${plain(what)}${tail ? `: ${tail}` : ""}`;
      }),
      "",
    ].join("\n");
  return [
    `# ${plain(title)}`,
    "",
    list("Buy", lists.buy),
    list("Weigh", lists.weigh),
    list("Lay out", lists.kit),
    "## Timetable",
    "",
    "| when | what | |",
    "|---|---|---|",
    ...rows.map(({ startMs, what, detail }) => `| ${plain(write(startMs))} | ${plain(what)} | ${plain(detail)} |`),
    "",
  ].join("\n");
}
