import type { ReactNode } from 'react';

/** Rows of what is to come, as wide as these. */
const ROWS = ['w-1/3', 'w-full', 'w-5/6', 'w-full', 'w-2/3'];

/** A screen whose document is on its way: what is looked up, over the rows that it will fill; or why it does not come. */
export function Loading({ failed, children }: { failed: boolean; children: ReactNode }) {
  return (
    <main className="flex-1 p-8 max-md:p-4">
      <p role="status" className="text-lg text-ink-soft">
        {children}
      </p>
      {!failed && <LoadingRows />}
    </main>
  );
}

/** The rows alone, of a list on a screen that stands already. */
export function LoadingRows() {
  return (
    <div aria-hidden="true" className="mt-6 grid gap-4">
      {ROWS.map((width, row) => (
        <div key={row} className={`h-12 rounded-lg bg-paper-deep motion-safe:animate-pulse ${width}`} />
      ))}
    </div>
  );
}
