import { X } from "lucide-react";
import { Dialog } from "radix-ui";
import type { ReactNode } from "react";

interface Props {
  /** What opens it, as words on a button; left out where something else does, and `open` says so. */
  readonly opens?: string;
  readonly open?: boolean;
  readonly title: string;
  /** For a picture with something beside it. */
  readonly wide?: boolean;
  readonly children: ReactNode;
  onClose?(): void;
}

/** Around a button: what it does done, the sheet is closed. */
export const ClosesSheet = ({ children }: { readonly children: ReactNode }) => (
  <Dialog.Close asChild>{children}</Dialog.Close>
);

/** A word in passing lies over a sheet, and is no tap beside it: what it takes back is taken back with the sheet open. */
const isToast = (target: EventTarget | null): boolean =>
  target instanceof Element && target.closest("[data-sonner-toaster]") !== null;

/** Something set aside from the main path: rises from the lower edge, leaves with Escape, and gives the focus back. */
export function Sheet({ opens, open, title, wide = false, children, onClose }: Props) {
  return (
    <Dialog.Root {...(open !== undefined && { open })} onOpenChange={(isOpen) => !isOpen && onClose?.()}>
      {opens && (
        <Dialog.Trigger className="min-h-12 self-start rounded-full px-4 underline decoration-line-strong underline-offset-4 hover:decoration-ember">
          {opens}
        </Dialog.Trigger>
      )}
      <Dialog.Portal>
        <Dialog.Overlay className="fixed inset-0 z-20 bg-[oklch(0.2_0.03_235/0.45)]" />
        <Dialog.Content
          aria-describedby={undefined}
          onInteractOutside={(event) => isToast(event.target) && event.preventDefault()}
          className={`fixed inset-x-0 bottom-0 z-30 mx-auto flex max-h-[94dvh] ${wide ? "max-w-5xl" : "max-w-xl"} flex-col rounded-t-3xl bg-mist-1 text-ink shadow-card`}
        >
          <div className="flex items-center justify-between px-5 pb-1 pt-3">
            <Dialog.Title className="text-2xl">{title}</Dialog.Title>
            <Dialog.Close aria-label="Close" className="grid size-12 place-items-center rounded-full hover:bg-mist-2">
              <X aria-hidden className="size-6" />
            </Dialog.Close>
          </div>
          <div className="flex flex-col gap-4 overflow-y-auto px-5 pb-6 pt-1">{children}</div>
        </Dialog.Content>
      </Dialog.Portal>
    </Dialog.Root>
  );
}
