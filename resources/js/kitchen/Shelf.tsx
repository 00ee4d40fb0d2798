import { Plus } from 'lucide-react';
import type { ReactNode } from 'react';
import type { Kitchen } from '../contracts.generated';

export interface ShelfProps {
  kitchen: Kitchen;
  onOpen: (id?: number) => void;
}

/** One kind of thing that the kitchen has, and the key that adds to it. */
export function Shelf({
  title,
  add,
  onAdd,
  children,
}: {
  title: string;
  add: string;
  onAdd: () => void;
  children: ReactNode;
}) {
  return (
    <section aria-label={title} className="mt-4">
      <div className="flex items-center justify-between border-b-2 border-ink">
        <h2 className="text-2xl font-bold">{title}</h2>
        <button
          onClick={onAdd}
          className="flex min-h-12 items-center gap-2 px-2 text-lg font-semibold disabled:hidden"
        >
          <Plus aria-hidden="true" className="size-5" /> {add}
        </button>
      </div>
      {children}
    </section>
  );
}

/** One of them as a line of words. */
export function Line({ name, onOpen, children }: { name: string; onOpen: () => void; children: ReactNode }) {
  return (
    <li className="border-b border-rule">
      <button
        onClick={onOpen}
        className="min-h-14 w-full rounded-lg px-1 py-1.5 text-left hover:bg-paper-deep"
      >
        <b className="block text-lg leading-tight">{name}</b>
        <span className="block text-base leading-tight text-ink-soft">{children}</span>
      </button>
    </li>
  );
}
