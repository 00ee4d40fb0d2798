import { Download } from 'lucide-react';
import type { ReactNode } from 'react';

const LOOK =
  'flex min-h-12 items-center gap-2 rounded-lg border-2 border-ink px-4 text-lg font-semibold whitespace-nowrap';

/** A file to keep, straight from its address. */
export function TakeOut({ href, children }: { href: string; children: ReactNode }) {
  return (
    <a href={href} download className={LOOK}>
      <Download aria-hidden="true" className="size-5" /> {children}
    </a>
  );
}

/** The same for what has to be asked for first. */
export function TakeOutText({
  name,
  fetch,
  children,
}: {
  name: string;
  fetch: () => Promise<Blob>;
  children: ReactNode;
}) {
  const save = async () => {
    const link = document.createElement('a');
    link.href = URL.createObjectURL(await fetch());
    link.download = name;
    link.click();
    URL.revokeObjectURL(link.href);
  };
  return (
    <button type="button" onClick={() => void save()} className={LOOK}>
      <Download aria-hidden="true" className="size-5" /> {children}
    </button>
  );
}
