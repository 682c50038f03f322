/** What the window is called: by its page, or by what calls for a hand meanwhile. */

const NAME = "Bruma";
let page = "";
let call: string | null = null;

function show(): void {
  const says = [call ?? page, NAME].filter(Boolean).join(" – ");
  if (document.title !== says) document.title = says;
}

export function namePage(name: string): void {
  page = name;
  show();
}

/** @param does what a hand is wanted for; null: nothing calls */
export function nameCall(does: string | null): void {
  call = does;
  show();
}
